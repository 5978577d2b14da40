<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Money\Money;
use WindowStall\Core\UserMessage;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * What a record of a file says of a listing otherwise than it stands. A cell that can't be used is told with the reason
 * and says nothing.
 *
 * @phpstan-import-type Record from ListingFile
 * @phpstan-import-type VariantRecord from ListingRecords
 */
final class ReadRecord
{
    /** Letters of a cell that are shown when it is left out. */
    private const SHOWN = 80;

    /**
     * @param  Record  $record
     * @param  list<Reject>  $rejects
     */
    public function patch(Stall $stall, Listing $listing, array $record, array &$rejects): ListingPatch
    {
        $now = ListingRecords::of(ListingFigures::of($stall, $listing));
        $said = [];
        foreach (Columns::LISTING as $column) {
            $cell = $record['listing'][$column] ?? null;
            if ($cell !== null && $cell !== ListingRecords::cell($now[$column])) {
                $said[] = $this->tried(
                    $record['row'],
                    $column,
                    $cell,
                    $rejects,
                    fn (): ListingPatch => $this->cell($stall, $column, $cell),
                );
            }
        }
        foreach ($record['variants'] as ['row' => $row, 'cells' => $cells]) {
            $variant = self::variantOf($now['variants'], $cells);
            if ($variant === null) {
                $rejects[] = new Reject($row, 'variant', $cells['variant'] ?? '', 'The listing has no such variant.');

                continue;
            }
            array_push($said, ...$this->variant($stall, $row, $variant, $cells, $rejects));
        }

        return ListingPatch::none()->and(...$said);
    }

    /** @throws UserMessage when it can't be used */
    private function cell(Stall $stall, string $column, string $cell): ListingPatch
    {
        $none = ListingPatch::none();
        $empty = trim($cell) === '';

        return match ($column) {
            'description' => $none->words($empty ? null : $cell),
            'search_title' => $none->searchTitle($cell),
            'search_description' => $none->searchWords($cell),
            'recipe' => $none->recipe(PricingCells::readRecipe($cell, $stall->currencyValue())),
            'together' => $none->across(PricingCells::readTogether($cell)),
            'ladder' => $none->ladder(PricingCells::readLadder($cell, $stall)),
            default => $none->cell($column, $cell),
        };
    }

    /**
     * By its number, else as its supplier calls it.
     *
     * @param  list<VariantRecord>  $variants
     * @param  array<string, string>  $cells
     * @return VariantRecord|null
     */
    private static function variantOf(array $variants, array $cells): ?array
    {
        $bySupplier = null;
        foreach ($variants as $variant) {
            if ((string) $variant['variant'] === ($cells['variant'] ?? '')) {
                return $variant;
            }
            if ($variant['supplier_variant'] === ($cells['supplier_variant'] ?? '')) {
                $bySupplier ??= $variant;
            }
        }

        return $bySupplier;
    }

    /**
     * @param  VariantRecord  $is
     * @param  array<string, string>  $cells
     * @param  list<Reject>  $rejects
     * @return list<ListingPatch>
     */
    private function variant(Stall $stall, int $row, array $is, array $cells, array &$rejects): array
    {
        $said = [];
        $price = null;
        foreach (Columns::VARIANT as $column) {
            $cell = $cells[$column] ?? null;
            if ($cell === null || $cell === ListingRecords::cell($is[$column])) {
                continue;
            }
            $patch = $this->tried($row, $column, $cell, $rejects, fn (): ListingPatch => match ($column) {
                'on' => self::switched($is, $cell),
                'price' => self::price($stall, $is['variant'], $cell),
                'was' => self::was($stall, $is, $cell, $price),
                default => ListingPatch::none()->variantRecipe(
                    [$is['variant']],
                    PricingCells::readRecipe($cell, $stall->currencyValue()),
                ),
            });
            $price = $column === 'price' && ! $patch->isEmpty() ? $cell : $price;
            $said[] = $patch;
        }

        return $said;
    }

    /** @param  VariantRecord  $is */
    private static function switched(array $is, string $cell): ListingPatch
    {
        $on = match (mb_strtolower(trim($cell))) {
            'yes', 'y', '1', 'true', 'on' => true,
            'no', 'n', '0', 'false', 'off' => false,
            default => throw new Refusal('Write yes or no.'),
        };

        return ($on ? 'yes' : 'no') === $is['on']
            ? ListingPatch::none()
            : ListingPatch::none()->switched([$is['variant']], $on);
    }

    private static function price(Stall $stall, int $variant, string $cell): ListingPatch
    {
        return ListingPatch::none()->price(
            [$variant],
            trim($cell) === '' ? null : Money::parse($cell, $stall->currencyValue()),
        );
    }

    /**
     * A was-price beside the price as it will be: by hand as this file says, else as it is, else the recipe's.
     *
     * @param  VariantRecord  $is
     * @param  string|null  $price  what the file says of the price; null when it says nothing
     */
    private static function was(Stall $stall, array $is, string $cell, ?string $price): ListingPatch
    {
        $hand = trim($price ?? $is['price']);
        $beside = $hand === '' ? $is['recipe_price'] : $hand;

        return ListingPatch::none()->was([$is['variant']], PricingCells::readWas(
            $cell,
            $is['variant'],
            $beside === '' ? null : Money::parse($beside, $stall->currencyValue()),
            $stall,
        ));
    }

    /**
     * @param  list<Reject>  $rejects
     * @param  callable(): ListingPatch  $read
     */
    private function tried(int $row, string $column, string $cell, array &$rejects, callable $read): ListingPatch
    {
        try {
            $broken = BrokenText::reason($cell);

            return $broken === null ? $read() : throw new Refusal($broken);
        } catch (UserMessage $said) {
            $rejects[] = new Reject($row, $column, mb_substr(BrokenText::shown($cell), 0, self::SHOWN), $said->getMessage());

            return ListingPatch::none();
        }
    }
}
