<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Shares;
use WindowStall\Stall\Stall;

/**
 * What a set comes to as things stand, of each of its goods the variant that keeps least: apart, together, and what is kept of
 * both. Each is reckoned as if it were posted by itself, so that where one supplier posts several, more is kept.
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
        $missing = $under = $chosen = [];
        foreach (Listing::of($stall)->with(Listing::FOR_FIGURES)->whereKey($goods)->orderBy('id')->get() as $listing) {
            $figures = ListingFigures::of($stall, $listing);
            $variant = $listing->state === ListingState::InWindow ? self::least($figures) : null;
            if ($variant === null) {
                $missing[] = (string) $listing->shown_title;
            } else {
                $chosen[] = ['figures' => $figures, 'variant' => $variant, 'minor' => $variant->price->minor ?? 0];
            }
        }
        $apart = array_sum(array_column($chosen, 'minor'));
        $landed = array_map(static fn (array $one): ?int => $one['variant']->landed?->minor, $chosen);
        $terms = $chosen === [] || in_array(null, $landed, true) ? null : $chosen[0]['figures']->terms;
        $costs = array_sum(array_filter($landed));
        $shares = $chosen === [] ? [] : Shares::of(min($price->minor ?? $apart, $apart), array_column($chosen, 'minor'));
        foreach ($chosen as $n => $one) {
            $floor = $one['variant']->row->own_under_floor ? null : $one['figures']->recipeOf($one['variant'])->floor;
            if ($floor !== null && $landed[$n] !== null && ! $floor->met($shares[$n], $landed[$n], $one['figures']->terms)) {
                $under[] = (string) $one['figures']->listing->shown_title;
            }
        }

        return new self(
            $missing,
            $stall->money($apart),
            $price,
            $terms === null || $price === null ? null : $stall->money($terms->keep($price->minor, $costs)[0]),
            $terms === null ? null : $stall->money($terms->keep($apart, $costs)[0]),
            $under,
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
