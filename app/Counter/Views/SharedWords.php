<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use DateTimeImmutable;
use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;
use WindowStall\Counter\Order;
use WindowStall\Support\Views\MoneyView;

/** Why an order comes from where it does, and what the other ways would have come to. */
final class SharedWords
{
    /** @return list<string> none where there was nothing to choose */
    public static function of(Order $order): array
    {
        if ($order->joins_order_id !== null) {
            return [sprintf(
                'Added after paying: it goes along in the parcel of order %d, if its supplier hasn’t packed that.',
                Order::query()->whereKey($order->joins_order_id)->value('number'),
            )];
        }
        if ($order->shared === null) {
            return [];
        }
        $words = ['Shared out by '.(SourcingPreference::tryFrom($order->shared['rule'])?->words() ?? 'your rule').', what was promised first.'];
        foreach ($order->shared['others'] as $preference => $figures) {
            $words[] = sprintf(
                '%s: %s landed, in %s, there by %s.',
                ucfirst((string) SourcingPreference::tryFrom($preference)?->words()),
                MoneyView::text($order->homeMoney($figures['landed'])),
                $figures['parcels'] === 1 ? 'one parcel' : $figures['parcels'].' parcels',
                (new DateTimeImmutable($figures['by']))->format('l j F'),
            );
        }

        return $order->shared['exact'] ? $words : [...$words, 'There were too many ways to try all; the dearest sources were left out.'];
    }
}
