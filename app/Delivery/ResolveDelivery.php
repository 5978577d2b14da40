<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Carbon\CarbonInterface;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Quote\Dispatcher;
use WindowStall\Core\Delivery\Quote\Resolver;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/** Asks core by which ways goods of a stall can go to an address; for the shop, for a trial and for the API alike. */
final class ResolveDelivery
{
    /**
     * @param  list<WantedLine>  $lines
     * @param  CarbonInterface|null  $paid  when it is paid; now where none is given
     */
    public function __invoke(Stall $stall, array $lines, Destination $to, ?CarbonInterface $paid = null): Resolved
    {
        $goods = SentGoods::of($stall, $lines, $to->country);
        $clock = Clock::of($stall);
        $at = ($paid ?? now())->toImmutable()->setTimezone($clock->zone);
        $resolver = new Resolver(Places::of($stall), self::dispatchers($stall), $at);

        return new Resolved($to, $at->toDateTimeImmutable(), $goods, $resolver->resolve($goods, $to));
    }

    /** @return array<int, Dispatcher> by connection */
    public static function dispatchers(Stall $stall): array
    {
        $dispatchers = [];
        foreach (SupplierConnection::of($stall)->get() as $connection) {
            /** @var SupplierConnection $connection */
            $dispatchers[$connection->id] = new Dispatcher(
                $connection->name,
                $connection->cut_off,
                new DayRange($connection->packs_from, $connection->packs_to),
                [...$connection->closed_days, ...$stall->closed_days],
            );
        }

        return $dispatchers;
    }
}
