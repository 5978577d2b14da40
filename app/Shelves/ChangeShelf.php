<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Shelves\RuleNotation;
use WindowStall\Core\Shelves\RuleUnreadable;
use WindowStall\Core\Shelves\ShelfOrder;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Makes shelves, changes them and takes them away. Who changes one that was changed meanwhile is told so. */
final readonly class ChangeShelf
{
    /** Shelves a stall may have. */
    public const MOST = 200;

    private const LETTERS = 60;

    public function __construct(private FillShelves $fill)
    {
    }

    /**
     * @param  array<mixed>|null  $rule  as it is written; null for one that is picked by hand
     *
     * @throws Refusal|RuleUnreadable
     */
    public function make(Stall $stall, string $name, ?array $rule): Shelf
    {
        $shelf = DB::transaction(function () use ($stall, $name, $rule): Shelf {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            if (Shelf::of($stall)->count() >= self::MOST) {
                throw new Refusal(sprintf('A stall has up to %d shelves. Join some, or take one away.', self::MOST));
            }

            return Shelf::of($stall)->create([
                'name' => $name,
                'slug' => $this->free($stall, $name),
                'ruled' => $rule !== null,
                'standing' => $rule === null ? ShelfOrder::Hand : ShelfOrder::Newest,
            ] + ($rule === null ? [] : $this->ruled($stall, $rule)));
        });
        $this->done($stall, $shelf);

        return $shelf->refresh();
    }

    /**
     * @param  array<string, mixed>  $said  columns of the shelf; a rule as it is written
     * @param  int|null  $seen  the version the person saw
     * @param  bool  $later  whether its goods are put there once the person has been answered
     *
     * @throws Refusal|RuleUnreadable
     */
    public function say(Stall $stall, Shelf $shelf, array $said, ?int $seen = null, bool $later = false): Shelf
    {
        $this->alone($stall, $shelf, $seen, function (Shelf $now) use ($stall, $said): void {
            if (array_key_exists('rule', $said)) {
                $said = $this->ruled($stall, (array) $said['rule']) + $said;
            }
            if (isset($said['slug'])) {
                $said['slug'] = $this->moved($stall, $now, (string) $said['slug']);
            }
            $now->update($said);
        }, $later);

        return $shelf->refresh();
    }

    /**
     * Says something of single goods on it.
     *
     * @param  callable(Shelf): void  $do
     */
    public function place(Stall $stall, Shelf $shelf, callable $do): Shelf
    {
        $this->alone($stall, $shelf, null, $do);

        return $shelf->refresh();
    }

    public function remove(Stall $stall, Shelf $shelf): void
    {
        DB::transaction(static function () use ($stall, $shelf): void {
            $shelf->delete();
            StalePages::frame($stall);
        });
    }

    /** @param  callable(Shelf): void  $do */
    private function alone(Stall $stall, Shelf $shelf, ?int $seen, callable $do, bool $later = false): void
    {
        DB::transaction(function () use ($stall, $shelf, $seen, $do): void {
            $now = Shelf::of($stall)->whereKey($shelf->id)->lockForUpdate()->firstOrFail();
            if ($seen !== null && $now->version !== $seen) {
                throw new Refusal(
                    'This shelf was changed meanwhile, in another window or by somebody else. Load it again first.',
                );
            }
            $do($now);
            // Who is killed before its goods are put there leaves that to the minute.
            $now->increment('version', 1, ['filled_at' => null]);
            StalePages::frame($stall);
        });
        $done = fn () => OneStall::within($stall->id, fn () => $this->done($stall, $shelf));
        $later ? defer($done) : $done();
    }

    private function done(Stall $stall, Shelf $shelf): void
    {
        $this->fill->all($stall, $shelf);
    }

    /**
     * @param  array<mixed>  $written
     * @return array{rule: array<string, mixed>, ruled: true, moves: bool}
     */
    private function ruled(Stall $stall, array $written): array
    {
        $notation = new RuleNotation($stall->currencyValue());
        $rule = $notation->read($written);

        return ['rule' => $notation->write($rule), 'ruled' => true, 'moves' => $rule->moves()];
    }

    /** Its new address; whoever asks at the old one is led on. */
    private function moved(Stall $stall, Shelf $shelf, string $typed): string
    {
        $slug = Str::limit(Str::slug($typed), self::LETTERS, '');
        if ($slug === $shelf->slug) {
            return $slug;
        }
        if ($slug === '') {
            throw new Refusal('An address is made of letters, figures and hyphens.');
        }
        if (Shelf::of($stall)->where('slug', $slug)->exists()) {
            throw new Refusal(sprintf('Another shelf stands at “%s”.', $slug));
        }
        DB::table('shelf_addresses')->where('stall_id', $stall->id)->where('slug', $slug)->delete();
        DB::table('shelf_addresses')->updateOrInsert(
            ['stall_id' => $stall->id, 'slug' => $shelf->slug],
            ['shelf_id' => $shelf->id, 'left_at' => now()],
        );

        return $slug;
    }

    /** The name in small letters, numbered where a shelf has it or had it. */
    private function free(Stall $stall, string $name): string
    {
        $base = Str::limit(Str::slug($name) ?: 'shelf', self::LETTERS, '');
        $taken = [
            ...Shelf::of($stall)->pluck('slug')->all(),
            ...DB::table('shelf_addresses')->where('stall_id', $stall->id)->pluck('slug')->all(),
        ];
        for ($n = 2, $slug = $base; in_array($slug, $taken, true); $n++) {
            $slug = $base.'-'.$n;
        }

        return $slug;
    }
}
