<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Bench\BatchEdit;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\TakeToBench;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Said;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\RichText;

/**
 * Brings listings in that went out before, changed by hand or by a program. Only what differs is written, all of it is
 * one step that can be taken back, and a row that can't be used is left out with the reason.
 *
 * A listing is known by its number; in another stall by its supplier and item, and is taken to the bench if it isn't
 * there yet.
 */
final readonly class ImportListings
{
    /** Listings written at a time, each time whole. */
    private const CHUNK = 50;

    public function __construct(
        private Undo $undo,
        private ProjectListings $project,
        private TakeToBench $take,
        private RichText $richText,
    ) {
    }

    /**
     * @param  BenchChange|null  $change  the step to go on with, when this was begun before and broke off
     * @param  (callable(int, list<Reject>, BenchChange|null): void)|null  $progress  told how many listings are read,
     *     what of the last of them was left out, and the step; it may throw to stop
     *
     * @throws FeedTrouble when the file breaks off or can't be read on; what was written till then stays
     */
    public function __invoke(
        Stall $stall,
        ?User $by,
        ListingFile $file,
        ?BenchChange $change = null,
        ?callable $progress = null,
    ): Imported {
        $done = new Imported($change);
        $chunk = [];
        foreach ($file->records() as $n => $record) {
            $chunk[] = $record;
            if (count($chunk) === self::CHUNK) {
                $this->chunk($stall, $by, $chunk, $done);
                $progress === null ?: $progress($n + 1, $done->takeRejects(), $done->change);
                $chunk = [];
            }
        }
        $this->chunk($stall, $by, $chunk, $done);
        if ($done->change !== null) {
            $this->undo->end(
                $done->change,
                sprintf('%d %s brought in', $done->changed, $done->changed === 1 ? 'listing' : 'listings'),
            );
            $stall->bumpShop();
        }

        return $done;
    }

    /**
     * @param  list<array{
     *     row: int, listing: array<string, string>, variants: list<array{row: int, cells: array<string, string>}>,
     * }>  $records
     */
    private function chunk(Stall $stall, ?User $by, array $records, Imported $done): void
    {
        $differ = [];
        $taken = [];
        foreach ($records as $record) {
            [$listing, $new] = $this->listing($stall, $record, $done->rejects);
            if ($listing === null) {
                continue;
            }
            if ($new) {
                $taken[] = $listing->id;
            }
            $plan = $this->plan($stall, $listing, $record, $done->rejects);
            if ($new || $plan['listing'] !== [] || $plan['variants'] !== []) {
                $differ[$listing->id][] = $record;
            }
        }
        $done->taken += count($taken);
        if ($differ === []) {
            return;
        }
        $done->change ??= $this->undo->begin($stall, $by, apart: true, words: 'listings brought in');
        $done->changed += $this->undo->during(
            $stall,
            $done->change,
            array_keys($differ),
            fn (): int => $this->write($stall, $differ),
            static fn (): array => $taken,
        );
    }

    /**
     * Worked out once more from how the listings stand now that nobody else can write them.
     *
     * @param  array<int, list<array{
     *     row: int, listing: array<string, string>, variants: list<array{row: int, cells: array<string, string>}>,
     * }>>  $records by listing
     */
    private function write(Stall $stall, array $records): int
    {
        $written = [];
        foreach ($records as $id => $some) {
            foreach ($some as $record) {
                $told = [];
                $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->findOrFail($id);
                $plan = $this->plan($stall, $listing, $record, $told);
                $plan['listing'] === [] ?: $listing->update($plan['listing']);
                foreach ($plan['variants'] as $variantId => $own) {
                    ListingVariant::query()->whereKey($variantId)->where('listing_id', $id)->update($own);
                }
                if ($plan['listing'] !== [] || $plan['variants'] !== []) {
                    $written[$id] = true;
                }
            }
        }
        ($this->project)($stall, array_keys($records));

        return count($written);
    }

    /**
     * @param  array{
     *     row: int, listing: array<string, string>, variants: list<array{row: int, cells: array<string, string>}>,
     * }  $record
     * @param  list<Reject>  $rejects
     * @return array{Listing|null, bool} and whether it was taken to the bench for this
     */
    private function listing(Stall $stall, array $record, array &$rejects): array
    {
        $cells = $record['listing'];
        $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey((int) ($cells['listing'] ?? 0))->first();
        // A number from another stall may be another thing here: it counts only with its item.
        if (
            $listing !== null &&
            ($cells['item'] ?? '') !== '' &&
            $listing->supplierItem?->external_id !== $cells['item']
        ) {
            $listing = null;
        }
        if ($listing !== null) {
            return [$listing, false];
        }
        $item =
            ($cells['item'] ?? '') === ''
                ? null
                : SupplierItem::query()
                    ->where('stall_id', $stall->id)
                    ->where('external_id', $cells['item'])
                    ->whereNull('gone_at')
                    ->whereHas('connection', fn ($q) => $q->where('name', $cells['supplier'] ?? ''))
                    ->first();
        if ($item === null) {
            $rejects[] = new Reject(
                $record['row'],
                'listing',
                $cells['listing'] ?? '',
                sprintf(
                    'Neither this listing nor the item “%s” of “%s” is in this stall.',
                    $cells['item'] ?? '',
                    $cells['supplier'] ?? '',
                ),
            );

            return [null, false];
        }
        $known = Listing::of($stall)->with(Listing::FOR_FIGURES)->where('supplier_item_id', $item->id)->first();
        if ($known !== null) {
            return [$known, false];
        }
        ($this->take)($stall, [$item->id]);

        return [Listing::of($stall)->with(Listing::FOR_FIGURES)->where('supplier_item_id', $item->id)->first(), true];
    }

    /**
     * What differs.
     *
     * @param  array{
     *     row: int, listing: array<string, string>, variants: list<array{row: int, cells: array<string, string>}>,
     * }  $record
     * @param  list<Reject>  $rejects
     * @return array{listing: array<string, mixed>, variants: array<int, array<string, mixed>>}
     */
    private function plan(Stall $stall, Listing $listing, array $record, array &$rejects): array
    {
        $now = ListingRecords::of(ListingFigures::of($stall, $listing));
        $own = [];
        foreach (Columns::LISTING as $column) {
            $cell = $record['listing'][$column] ?? null;
            if ($cell === null || $cell === ListingRecords::cell($now[$column])) {
                continue;
            }
            if (BrokenText::in($cell)) {
                $rejects[] = new Reject($record['row'], $column, mb_substr($cell, 0, 80), BrokenText::REASON);

                continue;
            }
            try {
                $own += $this->column($stall, $column, $cell);
            } catch (Said $said) {
                $rejects[] = new Reject($record['row'], $column, mb_substr($cell, 0, 80), $said->getMessage());
            }
        }
        $variants = [];
        foreach ($record['variants'] as ['row' => $row, 'cells' => $cells]) {
            $is =
                array_values(
                    array_filter(
                        $now['variants'],
                        static fn (array $v): bool => (string) $v['variant'] === ($cells['variant'] ?? ''),
                    ),
                )[0] ??
                (array_values(
                    array_filter(
                        $now['variants'],
                        static fn (array $v): bool => $v['supplier_variant'] === ($cells['supplier_variant'] ?? ''),
                    ),
                )[0] ??
                    null);
            if ($is === null) {
                $rejects[] = new Reject($row, 'variant', $cells['variant'] ?? '', 'The listing has no such variant.');

                continue;
            }
            $changes = $this->variant($stall, $row, $is, $cells, $rejects);
            if ($changes !== []) {
                $variants[$is['variant']] = $changes;
            }
        }

        return ['listing' => $own, 'variants' => $variants];
    }

    /** @return array<string, mixed> */
    private function column(Stall $stall, string $column, string $cell): array
    {
        $line = trim($cell) === '' ? null : trim($cell);

        return match ($column) {
            'description' => ['own_words' => $line === null ? null : $this->richText->clean($cell)],
            'search_title' => ['own_search_title' => $line === null ? null : mb_substr($line, 0, 120)],
            'search_description' => ['own_search_words' => $line === null ? null : mb_substr($line, 0, 320)],
            'recipe' => ['own_recipe' => PricingCells::readRecipe($cell, $stall->currencyValue())],
            'ladder' => ['own_ladder' => PricingCells::readLadder($cell, $stall)],
            default => BatchEdit::columns([$column => $cell]),
        };
    }

    /**
     * @param  array<string, mixed>  $is
     * @param  array<string, string>  $cells
     * @param  list<Reject>  $rejects
     * @return array<string, mixed>
     */
    private function variant(Stall $stall, int $row, array $is, array $cells, array &$rejects): array
    {
        $changes = [];
        if (isset($cells['on']) && $cells['on'] !== $is['on']) {
            $on = match (mb_strtolower(trim($cells['on']))) {
                'yes', 'y', '1', 'true', 'on' => true,
                'no', 'n', '0', 'false', 'off' => false,
                default => null,
            };
            if ($on === null) {
                $rejects[] = new Reject($row, 'on', $cells['on'], 'Write yes or no.');
            } elseif (($on ? 'yes' : 'no') !== $is['on']) {
                $changes['own_on'] = $on;
            }
        }
        if (isset($cells['price']) && $cells['price'] !== $is['price']) {
            try {
                $price = trim($cells['price']) === '' ? null : Money::parse($cells['price'], $stall->currencyValue());
                if ($price !== null && $price->isNegative()) {
                    $rejects[] = new Reject($row, 'price', $cells['price'], 'A price can’t be below nothing.');
                } else {
                    $changes['own_price_minor'] = $price?->minor;
                }
            } catch (Said $said) {
                $rejects[] = new Reject($row, 'price', $cells['price'], $said->getMessage());
            }
        }

        foreach (['was', 'variant_recipe'] as $column) {
            if (! isset($cells[$column]) || $cells[$column] === ListingRecords::cell($is[$column])) {
                continue;
            }
            try {
                $changes +=
                    $column === 'was'
                        ? $this->was($stall, $is, $cells['was'], $changes)
                        : $this->recipe($stall, $cells[$column]);
            } catch (Said $said) {
                $rejects[] = new Reject($row, $column, mb_substr($cells[$column], 0, 80), $said->getMessage());
            }
        }

        return $changes;
    }

    /**
     * A was-price beside the price as it will be: by hand as this file says, else as it is, else the recipe's.
     *
     * @param  array<string, mixed>  $is
     * @param  array<string, mixed>  $changes  what the file changes of the variant besides
     * @return array<string, int|null>
     */
    private function was(Stall $stall, array $is, string $cell, array $changes): array
    {
        $hand = array_key_exists('own_price_minor', $changes)
            ? $stall->moneyOrNull($changes['own_price_minor'])?->digits()
            : $is['price'];
        $price = (string) $hand !== '' ? (string) $hand : (string) $is['recipe_price'];

        return [
            'own_was_minor' => PricingCells::readWas(
                $cell,
                (int) $is['variant'],
                $price === '' ? null : Money::parse($price, $stall->currencyValue()),
                $stall,
            )?->minor,
        ];
    }

    /** @return array<string, string|null> as the database takes it */
    private function recipe(Stall $stall, string $cell): array
    {
        $recipe = PricingCells::readRecipe($cell, $stall->currencyValue());

        return ['own_recipe' => $recipe === null ? null : json_encode($recipe, JSON_THROW_ON_ERROR)];
    }
}
