<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

/** One of the goods with what is kept of it at each place. */
final readonly class KeepRowView
{
    /** @param  list<KeepCellView>  $cells  as many as there are places */
    public function __construct(public int $listing, public string $title, public array $cells)
    {
    }

    /** How much is amiss with it: losses before holes. */
    public function amiss(): int
    {
        return array_sum(array_map(static fn (KeepCellView $cell): int => match ($cell->kind) {
            KeepCellView::LOSS => 100,
            KeepCellView::HOLE => 1,
            default => 0,
        }, $this->cells));
    }
}
