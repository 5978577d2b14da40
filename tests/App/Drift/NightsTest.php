<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\DeleteListings;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\DropOption;
use WindowStall\Bench\MakeUp\JoinListings;
use WindowStall\Bench\MakeUp\SplitListing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\StepDone;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Drift\Deciding\Decide;
use WindowStall\Drift\DriftChange;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

/**
 * Any sequence of nights and mornings: a supplier says this and that; the seller says their own, agrees, keeps, drops an
 * option, splits, joins and deletes listings, and takes back. What has to hold holds after each step, whatever the sequence.
 */
final class NightsTest extends AppTestCase
{
    private const NIGHTS = 12;

    /** A question that said what was said before its listing was deleted and brought back. */
    private const ONCE_RED = [151];

    private Stall $stall;

    private RandomNights $nights;

    private ?BenchChange $last = null;

    /** @var array<string, mixed> what the seller said themselves, by what it is of */
    private array $own = [];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        // More with SEEDS=200.
        foreach (array_unique([...range(1, (int) (getenv('SEEDS') ?: 4)), ...self::ONCE_RED]) as $seed) {
            yield 'seed '.$seed => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_whatever_is_said_ones_own_word_stands_and_a_step_back_is_a_step_back(int $seed): void
    {
        $this->nights = new RandomNights($seed);
        $this->stall = $this->world->stall();
        $this->world->inWindow($this->stall, $this->nights->item);
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
        self::assertCount(0, $this->asking());
        foreach ($this->listings() as $listing) {
            self::assertSame($listing->own_title ?? $this->nights->item->title, $listing->shown_title);
        }
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

    /** What was done on another day is taken back after more was said. */
    private function takeBackLate(string $when): void
    {
        if ($this->last !== null && $this->nights->chance(3)) {
            try {
                app(Undo::class)->take($this->stall, $this->last);
            } catch (Refusal) {
                // Something was done to the listing since.
            }
            $this->holds("$when, what was done before is taken back");
            [$this->last, $this->own] = [null, $this->own()];
        }
    }

    /** Some of what asks is agreed to or kept. */
    private function decide(string $when): void
    {
        $asks = $this->asking()->map(static fn (DriftChange $change): int => $change->id)->all();
        $some = $this->nights->some(array_values($asks));
        if ($some !== []) {
            $agree = $this->nights->chance(2);
            $this->step($when, fn (): BenchChange => app(Decide::class)($this->stall, null, $some, $agree));
        }
    }

    private function say(int $night): void
    {
        $listings = $this->listings();
        $listing = $listings[$this->nights->one(count($listings))] ?? self::fail('no listing');
        $variant = $listing->variants()->orderBy('id')->first();
        $none = ListingPatch::none();
        match ($this->nights->one(9)) {
            0 => $this->world->say($listing, $none->title('Mine '.$night)),
            1 => $this->world->say($listing, $none->words('<p>Mine '.$night.'</p>')),
            2 => $variant === null ||
                $this->world->say($listing, $none->price([$variant->id], $this->stall->money(2000 + 100 * $night))),
            3 => $this->step("morning $night, an option", fn () => $this->dropOrTakeUp($listing)),
            4 => count($listings) > 1
                ? $this->step("morning $night, joined", fn () => $this->join($listings))
                : $this->step("morning $night, split", fn () => $this->split($listing)),
            5 => count($listings) > 1 && $this->step(
                "morning $night, deleted",
                fn () => app(DeleteListings::class)($this->stall, null, [$listing->id]),
            ),
            default => null,
        };
        $this->own = $this->own();
    }

    /**
     * A step, now and then taken back at once.
     *
     * @param  callable(): BenchChange  $do
     */
    private function step(string $when, callable $do): bool
    {
        [$before, $asked] = [$this->state(), $this->asked()];
        try {
            $this->last = $step = $do();
        } catch (Refusal) {
            // There is nothing to split, or nothing has that option any more.
            return false;
        }
        $this->holds($when);
        if ($this->nights->chance(2)) {
            app(Undo::class)->take($this->stall, $step);
            $this->last = null;
            self::assertSame($before, $this->state(), "$when: taken back, it is as before");
            self::assertSame($asked, array_slice($this->asked(), 0, count($asked)), "$when: what was asked was asked");
        }
        $this->own = $this->own();

        return true;
    }

    private function dropOrTakeUp(Listing $listing): BenchChange
    {
        $drop = app(DropOption::class);
        $do = in_array('Ship', $listing->own_dropped, true)
            ? fn () => $drop->takeUp($this->stall, $listing, 'Ship')
            : fn () => $drop($this->stall, $listing, 'Ship');

        $done = static function () use ($do): StepDone {
            $do();

            return new StepDone('option');
        };

        return app(Undo::class)->whileLocked($this->stall, null, [$listing->id], $done)[0];
    }

    private function split(Listing $listing): BenchChange
    {
        $ids = $listing->variants()->orderBy('id')->pluck('id')->map(intval(...))->all();
        $groups = array_map(
            static fn (array $some): array => ['name' => 'Part '.$some[0], 'variants' => $some],
            array_chunk($ids, 2),
        );

        $parts = function () use ($listing, $groups): StepDone {
            $made = app(SplitListing::class)($this->stall, $listing, $groups);

            return new StepDone('split', made: array_map(static fn (Listing $l): int => $l->id, $made));
        };

        return app(Undo::class)->whileLocked($this->stall, null, [$listing->id], $parts)[0];
    }

    /** @param  list<Listing>  $listings */
    private function join(array $listings): BenchChange
    {
        $ids = array_map(static fn (Listing $l): int => $l->id, $listings);
        $values = array_map(static fn (int $id): string => 'Kind '.$id, $ids);

        $joined = fn (): StepDone => new StepDone('joined', app(JoinListings::class)(
            $this->stall,
            Listing::of($this->stall)->whereKey($ids)->orderBy('id')->get(),
            'Kind',
            array_combine($ids, $values),
        ));

        return app(Undo::class)->whileLocked($this->stall, null, $ids, $joined)[0];
    }

    /** @return list<Listing> */
    private function listings(): array
    {
        return array_values(Listing::of($this->stall)->orderBy('id')->get()->all());
    }

    /** @return array<string, mixed> */
    private function own(): array
    {
        $own = [];
        foreach ($this->listings() as $listing) {
            foreach (array_filter($listing->only(['own_title', 'own_words', 'own_pictures'])) as $what => $word) {
                $own[$what.' '.$listing->id] = $word;
            }
            foreach ($listing->variants()->whereNotNull('own_price_minor')->orderBy('id')->get() as $variant) {
                $own['price '.$variant->id] = $variant->own_price_minor;
            }
        }

        return $own;
    }

    private function holds(string $when): void
    {
        $asks = $this->asking();
        foreach ($this->listings() as $listing) {
            $of = $asks->where('listing_id', $listing->id);
            self::assertSame($of->count(), $listing->changes_count, $when);
            $about = $of->map(static fn (DriftChange $change): string => $change->kind->value.' '.$change->variant);
            self::assertSame([], $about->duplicates()->all(), "$when: asked once");
            $open = DriftChange::query()->where('listing_id', $listing->id)->whereIn('standing', ['asks', 'kept'])->get();
            foreach (array_keys($listing->waiting) as $kind) {
                self::assertTrue($open->contains('kind', ChangeKind::from($kind)), "$when: $kind that wait were asked about");
            }
            foreach ($listing->variants()->with('prices')->get() as $variant) {
                $this->variantHolds($variant, $open, $when);
            }
            foreach ($of as $change) {
                $this->asksOfWhatThereIs($change, $listing, $when);
            }
        }
        self::assertSame([], $asks->whereNotIn('listing_id', array_column($this->listings(), 'id'))->all(), $when);
    }

    /** @param  Collection<int, DriftChange>  $open */
    private function variantHolds(ListingVariant $variant, Collection $open, string $when): void
    {
        $asked = $open->whereIn('kind', [ChangeKind::Cost, ChangeKind::Delivery])->contains('listing_variant_id', $variant->id);
        self::assertTrue($variant->waiting_price_minor === null || $asked, "$when: what waits was asked about");
        $stands = $variant->own_price_minor ?? $variant->waiting_price_minor;
        $price = $variant->priceIn($this->stall->home_market)?->price_minor;
        self::assertTrue($stands === null || $stands === $price, "$when: what stands is what shoppers are asked");
    }

    private function asksOfWhatThereIs(DriftChange $change, Listing $listing, string $when): void
    {
        $variant = $this->nights->item->variant($change->variant);
        $here = $listing->variants()->where('external_id', $change->variant)->exists();
        $true = match ($change->kind) {
            ChangeKind::VariantGone => $variant === null && $here,
            ChangeKind::VariantNew => $variant !== null && ! $here,
            ChangeKind::ItemGone => $this->nights->gone,
            ChangeKind::ItemBack => ! $this->nights->gone,
            ChangeKind::Cost => $here && ($variant === null || $this->nights->gone ||
                $variant->cost->minor !== $change->said && $variant->cost->digits().' USD' === $change->after),
            ChangeKind::Title => $this->nights->item->title !== $change->said,
            ChangeKind::Words => $this->nights->item->description !== $change->said,
            default => true,
        };
        self::assertTrue($true, "$when: “{$change->kind->value} {$change->variant}” is asked of what there is");
    }

    /** @return Collection<int, DriftChange> */
    private function asking(): Collection
    {
        return DriftChange::query()->where('stall_id', $this->stall->id)->where('standing', 'asks')->whereHas('listing')
            ->orderBy('id')->get();
    }

    /** @return list<string> what shoppers were asked for variants that stand in a listing */
    private function asked(): array
    {
        return $this->rows(<<<'SQL'
            SELECT to_jsonb(h) AS all
            FROM price_history AS h
            JOIN listing_variants AS v ON v.id = h.listing_variant_id
            WHERE h.stall_id = ?
              AND v.listing_id IS NOT NULL
            ORDER BY h.id
            SQL);
    }

    /** @return array<string, list<string>> all that there is of the listings, but for when and in which version */
    private function state(): array
    {
        return [
            'listings' => $this->rows(<<<'SQL'
                SELECT to_jsonb(l) - '{version,updated_at}'::text[] AS all FROM listings AS l WHERE stall_id = ? ORDER BY id
                SQL),
            'variants' => $this->rows(<<<'SQL'
                SELECT to_jsonb(v) AS all
                FROM listing_variants AS v
                WHERE stall_id = ?
                  AND listing_id IS NOT NULL
                ORDER BY id
                SQL),
            'prices' => $this->rows(<<<'SQL'
                SELECT to_jsonb(p) AS all FROM prices AS p WHERE stall_id = ? ORDER BY listing_variant_id, market
                SQL),
            'changes' => $this->rows(<<<'SQL'
                SELECT to_jsonb(c) - '{at,run_id}'::text[] AS all FROM drift_changes AS c WHERE stall_id = ? ORDER BY id
                SQL),
        ];
    }

    /** @return list<string> */
    private function rows(string $sql): array
    {
        return array_map(
            static fn (\stdClass $row): string => (string) $row->all,
            array_values(DB::select($sql, [$this->stall->id])),
        );
    }
}
