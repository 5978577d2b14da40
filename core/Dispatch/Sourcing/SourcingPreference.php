<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/** What a stall goes by when an order could come from several. */
enum SourcingPreference: string
{
    case AsSold = 'as_sold';
    case Cheapest = 'cheapest';
    case Quickest = 'quickest';
    case FewestParcels = 'fewest';
    case InOrder = 'in_order';

    /** As a sentence goes on after "What was promised comes first; then ". */
    public function words(): string
    {
        return match ($this) {
            self::AsSold => 'from where it was sold',
            self::Cheapest => 'what costs least, delivery and all',
            self::Quickest => 'what is there first',
            self::FewestParcels => 'the fewest parcels',
            self::InOrder => 'one supplier before another',
        };
    }
}
