<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Carbon\CarbonInterface;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Quote\CarrierRates;
use WindowStall\Core\Delivery\Quote\Dispatcher;
use WindowStall\Core\Delivery\Quote\Resolver;
use WindowStall\Delivery\Carrier\LiveRates;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/** Asks core by which ways goods of a stall can go to an address; for the shop, for a trial and for the API alike. */
final readonly class ResolveDelivery
{
    public function __construct(private LiveRates $rates)
    {
    }

    /**
     * @param  list<WantedLine>  $lines
     * @param  CarbonInterface|null  $paid  when it is paid; now where none is given
     */
    public function __invoke(Stall $stall, array $lines, Destination $to, ?CarbonInterface $paid = null): Resolved
    {
        $goods = SentGoods::of($stall, $lines, $to->country);
        $clock = Clock::of($stall);
        $at = ($paid ?? now())->toImmutable()->setTimezone($clock->zone);
        $places = Places::of($stall);
        $dispatchers = self::dispatchers($stall);
        $known = new CarrierRates();
        $found = (new Resolver($places, $dispatchers, $at, $known))->resolve($goods, $to);
        // Which parcels there are shows which rates are wanted; they are asked for together.
        if ($known->missing() !== []) {
            $rates = new CarrierRates(($this->rates)($stall, $known->missing()));
            $found = (new Resolver($places, $dispatchers, $at, $rates))->resolve($goods, $to);
        }

        return new Resolved($to, $at->toDateTimeImmutable(), $goods, $found);
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
