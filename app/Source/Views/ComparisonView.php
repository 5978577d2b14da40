<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Core\Landing\Compared;
use WindowStall\Core\Landing\Comparison;
use WindowStall\Core\Source\Gtin;
use WindowStall\Source\SupplierItem;

/** Items side by side, the best of each row marked. */
final readonly class ComparisonView
{
    /**
     * @param  list<ComparedView>  $items
     * @param  array<string, list<int>>  $best  row → places of the best
     * @param  list<string>  $shared  barcodes that stand at more than one of them
     */
    public function __construct(
        public array $items,
        public array $best,
        public array $shared,
        public string $barcode,
    ) {
    }

    /**
     * @param  list<array{ComparedView, Compared}>  $columns
     * @param  list<SupplierItem>  $items  with their variants
     */
    public static function of(array $columns, array $items, string $barcode): self
    {
        $at = [];
        foreach ($items as $n => $item) {
            foreach ($item->variants as $variant) {
                if (Gtin::valid((string) $variant->barcode)) {
                    $at[(string) $variant->barcode][$n] = true;
                }
            }
        }
        $shared = array_filter($at, static fn (array $places): bool => count($places) > 1);

        return new self(
            items: array_column($columns, 0),
            best: Comparison::best(array_column($columns, 1)),
            shared: array_map(strval(...), array_keys($shared)),
            barcode: $barcode,
        );
    }
}
