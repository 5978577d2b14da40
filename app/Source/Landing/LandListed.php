<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;

/**
 * Works out what items cost landed abroad once they have a listing or stand in for one, so that the price lists there
 * have something to go by.
 */
final readonly class LandListed
{
    public function __construct(private LandItems $land)
    {
    }

    /** @param  list<int>  $items */
    public function __invoke(Stall $stall, array $items): void
    {
        $abroad = array_values(array_diff($stall->markets(), [$stall->home_market]));
        if ($abroad === [] || $items === []) {
            return;
        }
        foreach (
            SupplierItem::query()
                ->with('connection')
                ->where('stall_id', $stall->id)
                ->whereKey($items)
                ->get()
                ->groupBy('connection_id') as $some
        ) {
            $connection = $some->first()?->connection;
            try {
                if ($connection !== null) {
                    ($this->land)(
                        $stall,
                        $connection,
                        $abroad,
                        only: array_values($some->pluck('external_id')->map(strval(...))->all()),
                    );
                }
            } catch (SupplierTrouble) {
                // A supplier that is away is asked again at its next pull; at home everything is known.
            }
        }
    }
}
