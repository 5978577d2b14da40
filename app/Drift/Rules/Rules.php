<?php

declare(strict_types=1);

namespace WindowStall\Drift\Rules;

use WindowStall\Bench\Listing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** The rules that count for a listing and one of its suppliers. */
final class Rules
{
    public static function for(Stall $stall, ?SupplierConnection $connection, ?Listing $listing = null): Policies
    {
        return self::of($stall, $connection, $listing->own_policies ?? []);
    }

    /** @param  array<string, mixed>  $own  the listing's own */
    public static function of(Stall $stall, ?SupplierConnection $connection, array $own): Policies
    {
        return Policies::of([
            'for the stall' => $stall->drift_policies,
            'for '.($connection->name ?? 'the supplier') => $connection->policies ?? [],
            'for this listing' => $own,
        ]);
    }
}
