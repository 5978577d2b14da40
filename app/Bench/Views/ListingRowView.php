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
            id: $f->listing->id,
            title: $f->title->shown(),
            titleHeld: $f->title->held,
            picture: ($f->pictures[0] ?? null)?->url(320),
            supplier: (string) $f->listing->supplierItem?->connection?->name,
            state: $f->listing->state->value,
            stateWords: $f->listing->state->words(),
            from: MoneyView::ofNullable($f->from()),
            keep: MoneyView::ofNullable($keeps[0] ?? null),
            loses: ($keeps[0] ?? null)?->isNegative() ?? false,
            variantsOn: count($on),
            variants: count($f->variants),
            stock: array_sum(array_map(static fn (VariantFigures $v): int => $v->available, $on)),
            changes: $f->listing->changes_count,
            lacks: array_map(static fn (Lack $l): LackView => LackView::of($l), $f->readiness->lacks),
        );
    }
}
