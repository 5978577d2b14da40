<?php

declare(strict_types=1);

namespace WindowStall\Counter\Giving;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Giving\Appointment;
use WindowStall\Core\Source\Giving;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Stall\Stall;

/** Whether all that isn't posted can still be given back by its shopper: no file was fetched, no time has come. */
final class Undone
{
    /** @param  Order  $order  with its lines, and its suppliers' variants */
    public static function is(Stall $stall, Order $order): bool
    {
        $files = $order->lines->where('giving', Giving::Download);
        $now = now($stall->zone)->format('YmdHi');
        $begun = $order->lines
            ->where('giving', Giving::Appointment)
            ->contains(static fn (OrderLine $line): bool => Appointment::ofCode((string) $line->supplierVariant?->external_id)
                ?->format('YmdHi') <= $now);

        return ! $begun && ! DB::table('file_fetches')->whereIn('order_line_id', $files->modelKeys())->exists();
    }
}
