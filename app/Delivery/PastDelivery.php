<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Quote\DeliveryBalance;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/** Past orders by the place that their address lies in now. */
final class PastDelivery
{
    /**
     * @param  list<array{country: string, postcode: string, goods: int, charged: int, cost: int}>  $orders
     * @return array<int, DeliveryBalance> by place
     */
    public static function byPlace(Stall $stall, array $orders): array
    {
        $places = array_map(static fn (PlaceTerms $terms): Place => $terms->place, Places::of($stall));
        $by = [];
        foreach ($orders as $order) {
            $to = new Destination($order['country'], null, $order['postcode'] === '' ? null : $order['postcode']);
            $nearest = NearestPlace::of($places, $to);
            if ($nearest !== null) {
                $by[$nearest->place->id][] = $order;
            }
        }

        return array_map(DeliveryBalance::of(...), $by);
    }
}
