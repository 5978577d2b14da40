<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use WindowStall\Counter\Owed\SupplierAccounts;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Suppliers that are paid ahead and with whom too little is left: their next orders would be refused. */
final class OwedNeeds
{
    /** @return list<NeedView> */
    public static function of(Stall $stall): array
    {
        return array_values(SupplierAccounts::short($stall)->map(static fn (array $short): NeedView => new NeedView(
            key: 'owed-'.$short['connection']->id,
            kind: 'owed',
            order: 0,
            number: 0,
            picture: null,
            title: $short['outlook']->free->isNegative()
                ? sprintf(
                    '%s is missing with %s for what waits to be sent.',
                    MoneyView::text($short['outlook']->free->with(-$short['outlook']->free->minor)),
                    $short['connection']->name,
                )
                : sprintf(
                    '%s with %s lasts %s.',
                    MoneyView::text($short['outlook']->free),
                    $short['connection']->name,
                    match ($short['outlook']->days) {
                        0 => 'less than a day',
                        1 => 'one more day',
                        default => sprintf('%d more days', (int) $short['outlook']->days),
                    },
                ),
            about: sprintf('A day takes %s. Once it is used up, orders are refused.', MoneyView::text($short['outlook']->aDay)),
            ways: [
                NeedWayView::plain('Pay something in there', 'then look again here', 'To the account', route('counter.owed', $stall)),
            ],
        ))->all());
    }
}
