<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Money\Money;
use WindowStall\Stall\Stall;

/** What a shop can say of delivery before anything is chosen, in the market it is seen from. */
final readonly class SaidDelivery
{
    /**
     * @param  Money|null  $charge  for a whole order, in the market's currency; null where it depends on what is bought
     * @param  Money|null  $freeOver  goods worth this much are sent free
     */
    private function __construct(public ?Money $charge, public ?Money $freeOver)
    {
    }

    public static function of(Stall $stall): self
    {
        $seen = $stall->seen();
        if ($seen->isHome()) {
            return new self($stall->flatDelivery(), $stall->freeOver());
        }
        $places = Places::of($stall);
        $nearest = NearestPlace::of(
            array_map(static fn (PlaceTerms $terms) => $terms->place, $places),
            new Destination($seen->country),
        );
        foreach ($places as $terms) {
            $first = $terms->ways[0] ?? null;
            if ($terms->place === $nearest?->place && $first?->charge instanceof FlatCharge) {
                $free = $first->freeOver;

                return new self($seen->show($first->charge->amount), $free === null ? null : $seen->atLeast($free));
            }
        }

        return new self(null, null);
    }

    public function isFree(): bool
    {
        return $this->charge?->minor === 0;
    }
}
