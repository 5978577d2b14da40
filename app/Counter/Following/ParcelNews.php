<?php

declare(strict_types=1);

namespace WindowStall\Counter\Following;

use WindowStall\Counter\Order;

/** What programs are told of a parcel. */
final class ParcelNews
{
    /** @return array<string, mixed> */
    public static function of(Order $order, Parcel $parcel): array
    {
        return [
            'number' => $order->number,
            'parcel' => $parcel->number,
            'carrier' => $parcel->carrier,
            'tracking' => $parcel->tracking,
            'posted_at' => $parcel->posted_at->toIso8601ZuluString(),
            'promised_to' => $parcel->promised_to,
            'there_at' => $parcel->there_at?->toIso8601ZuluString(),
        ];
    }
}
