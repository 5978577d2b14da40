<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\Codes\SetFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;

/**
 * What a set comes to as things stand ({@see SetFigures}), of each of its goods with the variant that keeps least.
 */
final readonly class SetOffer
{
    /**
     * @param  list<string>  $missing  names of goods that can't be bought now
     * @param  Money  $apart  what they cost one by one
     * @param  Money|null  $price  of the set; null while it isn't said
     * @param  Money|null  $keep  of the set; null where that isn't said or a cost isn't known
     * @param  Money|null  $keepApart  of one order with them at their own prices
     * @param  list<string>  $under  names of those whose share falls under their floor
     */
    private function __construct(
        public array $missing,
        public Money $apart,
        public ?Money $price,
        public ?Money $keep,
        public ?Money $keepApart,
        public array $under,
    ) {
    }

    /** @param  list<int>  $goods  listings */
    public static function of(Stall $stall, array $goods, ?Money $price): self
    {
        $missing = $named = $chosen = [];
        foreach (Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($goods)->orderBy('id')->get() as $listing) {
            $figures = ListingFigures::of($stall, $listing);
            $variant = $listing->state === ListingState::InWindow ? self::least($figures) : null;
            if ($variant === null) {
                $missing[] = (string) $listing->shown_title;

                continue;
            }
            $named[] = (string) $listing->shown_title;
            $chosen[] = [
                'price' => $variant->price->minor ?? 0,
                'landed' => $variant->landed?->minor,
                'floor' => $variant->row->own_under_floor ? null : $figures->recipeOf($variant)->floor,
                'terms' => $figures->terms,
            ];
        }
        $reckoned = SetFigures::of($chosen, $price, $stall->money(0));

        return new self(
            $missing,
            $reckoned->apart,
            $price,
            $reckoned->keep,
            $reckoned->keepApart,
            array_map(static fn (int $n): string => $named[$n], $reckoned->under),
        );
    }

    public function isCheaper(): bool
    {
        return $this->missing === [] && $this->price !== null && $this->price->minor < $this->apart->minor;
    }

    /** Of those that can be bought the one that keeps least at its own price. */
    private static function least(ListingFigures $figures): ?VariantFigures
    {
        $there = array_values(array_filter(
            $figures->variants,
            static fn (VariantFigures $v): bool => $v->offered() && $v->buyable() && $v->price !== null,
        ));
        usort($there, static fn (VariantFigures $a, VariantFigures $b): int => [$a->till?->keep->minor, $a->row->id]
            <=> [$b->till?->keep->minor, $b->row->id]);

        return $there[0] ?? null;
    }
}
