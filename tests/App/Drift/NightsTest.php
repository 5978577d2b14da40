<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Drift\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

/**
 * Any sequence of nights and mornings: a supplier says this and that, the seller says their own, agrees, keeps and takes
 * back. What has to hold holds after each step, whatever the sequence.
 */
final class NightsTest extends AppTestCase
{
    private const NIGHTS = 12;

    private Stall $stall;

    private Listing $listing;

    private RandomNights $nights;

    private ?BenchChange $last = null;

    /** @var array<string, mixed> what the seller said themselves, by what it is of */
    private array $own = [];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        // More with SEEDS=200.
        foreach (range(1, (int) (getenv('SEEDS') ?: 5)) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_whatever_is_said_ones_own_word_stands_and_a_step_back_is_a_step_back(int $seed): void
    {
        $this->nights = new RandomNights($seed);
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall, $this->nights->item);
        for ($night = 1; $night <= self::NIGHTS; $night++) {
            $this->pull($night);
            self::assertSame($this->own, $this->own(), "night $night: the seller’s own word stands");
            $before = $this->state();
            $this->pull(null);
            self::assertSame($before, $this->state(), "night $night: said again, it is the same");
            $this->takeBackLate("morning $night");
            $this->decide("morning $night");
            $this->say($night);
        }
        $this->world->agree($this->stall);
        $this->holds('in the end');
        self::assertSame(0, $this->listing->refresh()->changes_count);
        $title = $this->listing->own_title ?? $this->nights->item->title;
        self::assertSame($title, $this->listing->shown_title);
    }

    /** @param  int|null  $night  null where the supplier says again what it said */
    private function pull(?int $night): void
    {
        $gone = $night === null ? $this->nights->gone : $this->nights->next();
        if ($gone) {
            DB::table('supplier_items')->where('stall_id', $this->stall->id)->update(['gone_at' => now()]);
            event(new SupplierSaidMore($this->world->connection($this->stall)));
        } else {
            $this->world->pull($this->stall, $this->nights->item);
        }
        $this->holds($night === null ? 'said again' : 'night '.$night);
    }

    /** Some of what asks is agreed to or kept; now and then that is taken back. */
    private function decide(string $when): void
    {
        $asks = $this->asking()->map(static fn (DriftChange $change): int => $change->id)->all();
        $some = $this->nights->some(array_values($asks));
        if ($some === []) {
            return;
        }
        [$before, $asked] = [$this->state(), $this->asked()];
        $step = app(Decide::class)($this->stall, null, $some, agree: $this->nights->chance(2));
        $this->last = $step;
        $this->holds($when);
        if ($this->nights->chance(2)) {
            app(Undo::class)->take($this->stall, $step);
            $this->last = null;
            self::assertSame($before, $this->state(), "$when: taken back, it is as before");
            self::assertSame($asked, array_slice($this->asked(), 0, count($asked)), "$when: what was asked was asked");
        }
        $this->own = $this->own();
    }

    /** What was decided on another day is taken back after more was said. */
    private function takeBackLate(string $when): void
    {
        if ($this->last !== null && $this->nights->chance(3)) {
            try {
                app(Undo::class)->take($this->stall, $this->last);
            } catch (Refusal) {
                // Something was done to the listing since.
            }
            $this->holds("$when, what was decided before is taken back");
            [$this->last, $this->own] = [null, $this->own()];
        }
    }

    private function say(int $night): void
    {
        $variant = $this->listing->variants()->orderBy('id')->first();
        $none = ListingPatch::none();
        $said = match ($this->nights->one(6)) {
            0 => $none->title('Mine '.$night),
            1 => $none->words('<p>Mine '.$night.'</p>'),
            2 => $variant === null ? $none : $none->price([$variant->id], $this->stall->money(2000 + 100 * $night)),
            default => $none,
        };
        $this->world->say($this->listing->refresh(), $said);
        $this->own = $this->own();
    }

    /** @return array<string, mixed> */
    private function own(): array
    {
        $listing = $this->listing->refresh();
        $prices = $listing->variants()->whereNotNull('own_price_minor')->orderBy('id')->get()
            ->mapWithKeys(static fn (ListingVariant $v): array => ['price '.$v->id => $v->own_price_minor])->all();

        return array_filter($listing->only(['own_title', 'own_words', 'own_pictures'])) + $prices;
    }

    private function holds(string $when): void
    {
        $asks = $this->asking();
        self::assertSame($asks->count(), $this->listing->refresh()->changes_count, $when);
        $about = $asks->map(static fn (DriftChange $change): string => $change->kind->value.' '.$change->variant);
        self::assertSame([], $about->duplicates()->all(), "$when: asked once");
        $this->asksOfWhatThereIs($asks, $when);
        $waiting = DriftChange::query()->where('listing_id', $this->listing->id)->whereIn('standing', ['asks', 'kept'])
            ->whereIn('kind', ['cost', 'delivery'])->pluck('listing_variant_id')->all();
        foreach ($this->listing->variants()->with('prices')->get() as $variant) {
            $waits = $variant->waiting_price_minor !== null;
            self::assertTrue(! $waits || in_array($variant->id, $waiting, true), "$when: what waits was asked about");
            $stands = $variant->own_price_minor ?? $variant->waiting_price_minor;
            $asked = $variant->priceIn($this->stall->home_market)?->price_minor;
            self::assertTrue($stands === null || $stands === $asked, "$when: what stands is what shoppers are asked");
        }
    }

    /** @param  Collection<int, DriftChange>  $asks */
    private function asksOfWhatThereIs(Collection $asks, string $when): void
    {
        $here = $this->listing->variants()->pluck('external_id')->all();
        foreach ($asks as $change) {
            $variant = $this->nights->item->variant($change->variant);
            $true = match ($change->kind) {
                ChangeKind::VariantGone => $variant === null && in_array($change->variant, $here, true),
                ChangeKind::VariantNew => $variant !== null && ! in_array($change->variant, $here, true),
                ChangeKind::ItemGone => $this->nights->gone,
                ChangeKind::ItemBack => ! $this->nights->gone,
                ChangeKind::Cost => $variant?->cost->minor !== $change->said && in_array($change->variant, $here, true),
                ChangeKind::Title => $this->nights->item->title !== $change->said,
                ChangeKind::Words => $this->nights->item->description !== $change->said,
                default => true,
            };
            self::assertTrue($true, "$when: “{$change->kind->value} {$change->variant}” is asked of what there is");
        }
    }

    /** @return Collection<int, DriftChange> */
    private function asking(): Collection
    {
        return DriftChange::query()->where('listing_id', $this->listing->id)->where('standing', 'asks')->orderBy('id')
            ->get();
    }

    /** @return list<string> what shoppers were asked for variants that the listing has */
    private function asked(): array
    {
        return $this->rows(<<<'SQL'
            SELECT to_jsonb(h) AS all
            FROM price_history AS h
            JOIN listing_variants AS v ON v.id = h.listing_variant_id
            WHERE v.listing_id = ?
            ORDER BY h.id
            SQL);
    }

    /** @return array<string, list<string>> all that there is of the listing, but for when and in which version */
    private function state(): array
    {
        return [
            'listing' => $this->rows("SELECT to_jsonb(l) - '{version,updated_at}'::text[] AS all FROM listings AS l WHERE id = ?"),
            'variants' => $this->rows('SELECT to_jsonb(v) AS all FROM listing_variants AS v WHERE listing_id = ? ORDER BY id'),
            'prices' => $this->rows(<<<'SQL'
                SELECT to_jsonb(p) AS all
                FROM prices AS p
                JOIN listing_variants AS v ON v.id = p.listing_variant_id
                WHERE v.listing_id = ?
                ORDER BY v.id, p.market
                SQL),
            'changes' => $this->rows(<<<'SQL'
                SELECT to_jsonb(c) - '{at,run_id}'::text[] AS all
                FROM drift_changes AS c
                WHERE listing_id = ?
                ORDER BY id
                SQL),
        ];
    }

    /** @return list<string> */
    private function rows(string $sql): array
    {
        return array_map(
            static fn (\stdClass $row): string => (string) $row->all,
            array_values(DB::select($sql, [$this->listing->id])),
        );
    }
}
