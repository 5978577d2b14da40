<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Support\Pictures\PictureSizes;

/** Goods of an order in a few words, and one picture of them. */
final class OrderGoods
{
    /** @param  iterable<OrderLine>  $lines */
    public static function words(iterable $lines): string
    {
        $names = [];
        foreach ($lines as $line) {
            $names[] = $line->name();
        }

        return match (count($names)) {
            0 => 'its goods',
            1 => $names[0],
            2 => $names[0].' and '.$names[1],
            default => sprintf('%s and %d more', $names[0], count($names) - 1),
        };
    }

    /** @param  iterable<OrderLine>  $lines */
    public static function picture(iterable $lines): ?string
    {
        foreach ($lines as $line) {
            if ($line->picture !== null) {
                return PictureSizes::url($line->picture, 80);
            }
        }

        return null;
    }

    /** As a button calls somebody. */
    public static function firstName(Order $order): string
    {
        return explode(' ', trim($order->name))[0];
    }

    /** "Bram Holloway in Wexcombe" */
    public static function shopper(Order $order): string
    {
        return $order->town === '' ? $order->name : $order->name.' in '.$order->town;
    }
}
