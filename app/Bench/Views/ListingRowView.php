<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Bench\Lack;
use WindowStall\Support\Views\MoneyView;

/** One listing in the list of the bench. */
final readonly class ListingRowView
{
    /** @param  list<LackView>  $lacks */
    public function __construct(
        public int $id,
        public string $title,
        public bool $titleHeld,
        public ?string $picture,
        public string $supplier,
        public string $state,
        public string $stateWords,
        public ?MoneyView $from,
        public ?MoneyView $keep,
        public bool $loses,
        public int $variantsOn,
        public int $variants,
        public int $stock,
        public int $changes,
        public array $lacks,
    ) {
    }

    public static function of(ListingFigures $f): self
    {
        $on = array_values(array_filter($f->variants, static fn (VariantFigures $v): bool => $v->on));
        $keeps = array_values(
            array_filter(
                array_map(static fn (VariantFigures $v): ?\WindowStall\Core\Money\Money => $v->till?->keep, $on),
            ),
        );
        usort($keeps, static fn ($a, $b): int => $a->compare($b));

        return new self(
            $f->listing->id,
            $f->title->shown(),
            $f->title->held,
            ($f->pictures[0] ?? null)?->url(320),
            (string) $f->listing->supplierItem?->connection?->name,
            $f->listing->state->value,
            $f->listing->state->words(),
            MoneyView::ofNullable($f->from()),
            MoneyView::ofNullable($keeps[0] ?? null),
            ($keeps[0] ?? null)?->isNegative() ?? false,
            count($on),
            count($f->variants),
            array_sum(array_map(static fn (VariantFigures $v): int => $v->available, $on)),
            $f->listing->changes_count,
            array_map(static fn (Lack $l): LackView => LackView::of($l), $f->readiness->lacks),
        );
    }
}
