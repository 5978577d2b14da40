<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Bench\Lack;
use WindowStall\Core\Money\Money;
use WindowStall\Support\Views\MoneyView;

/** One listing in the list of the bench. */
final readonly class ListingRowView
{
    /**
     * @param  bool  $loses  whether a variant that is on loses
     * @param  bool  $fromLoses  whether one that is sold for the least price does
     * @param  list<LackView>  $lacks
     */
    public function __construct(
        public int $id,
        public string $title,
        public bool $titleHeld,
        public ?string $picture,
        public string $supplier,
        public string $state,
        public ?MoneyView $from,
        public ?MoneyView $keep,
        public bool $loses,
        public bool $fromLoses,
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
                array_map(static fn (VariantFigures $v): ?Money => $v->till?->keep, $on),
            ),
        );
        usort($keeps, static fn ($a, $b): int => $a->compare($b));

        return new self(
            id: $f->listing->id,
            title: $f->title->shown(),
            titleHeld: $f->title->held,
            picture: ($f->pictures[0] ?? null)?->url(150),
            supplier: (string) $f->listing->supplierItem?->connection?->name,
            state: $f->listing->state->value,
            from: MoneyView::ofNullable($f->from()),
            keep: MoneyView::ofNullable($keeps[0] ?? null),
            loses: ($keeps[0] ?? null)?->isNegative() ?? false,
            fromLoses: self::losesAt($f->from(), $on),
            variantsOn: count($on),
            variants: count($f->variants),
            stock: array_sum(array_map(static fn (VariantFigures $v): int => $v->available, $on)),
            changes: $f->listing->changes_count,
            lacks: array_map(static fn (Lack $l): LackView => LackView::of($l), $f->readiness()->lacks),
        );
    }

    /** @param  list<VariantFigures>  $on */
    private static function losesAt(?Money $price, array $on): bool
    {
        foreach ($on as $variant) {
            if ($price !== null && $variant->price?->minor === $price->minor && $variant->till?->losesMoney() === true) {
                return true;
            }
        }

        return false;
    }
}
