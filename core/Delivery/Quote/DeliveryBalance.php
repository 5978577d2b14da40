<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

/** What shoppers paid for delivery over past orders against what it cost, and from which basket on it may be free. */
final readonly class DeliveryBalance
{
    private function __construct(public int $orders, public int $charged, public int $cost, public ?int $evenFrom)
    {
    }

    /**
     * Were delivery charged below a basket value and free from there on, a value is even when what the others pay covers
     * what all of it cost. The least such value is found, in whole hundreds of minor units; the charge is the most that an
     * order was charged.
     *
     * @param  list<array{goods: int, charged: int, cost: int}>  $orders  minor units
     * @return self evenFrom is null where a charge for every order doesn't cover it, or every order may go free
     */
    public static function of(array $orders): self
    {
        $charge = max([0, ...array_column($orders, 'charged')]);
        $cost = array_sum(array_column($orders, 'cost'));
        $goods = array_column($orders, 'goods');
        sort($goods);
        $paying = $charge === 0 ? PHP_INT_MAX : intdiv($cost + $charge - 1, $charge);
        $last = $paying === 0 ? null : array_slice($goods, 0, $paying)[$paying - 1] ?? null;

        return new self(
            count($orders),
            array_sum(array_column($orders, 'charged')),
            $cost,
            $last === null ? null : intdiv($last, 100) * 100 + 100,
        );
    }
}
