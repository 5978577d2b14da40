<?php

declare(strict_types=1);

namespace WindowStall\Core\Delivery\Quote;

use DateTimeImmutable;
use WindowStall\Core\Delivery\ArrivalDates;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\NearestPlace;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Ways\CarrierCharge;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\Load;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Delivery\WorkCalendar;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\Money;

/**
 * By which ways a basket can go to an address.
 *
 * The nearest place counts. Each of its ways makes parcels: every line leaves from the warehouse that the way prefers, and
 * what leaves from the same one of the same supplier goes together, by the method that the way prefers among those that
 * all of it can go by. A parcel costs the dearest first piece in it and each further piece's addition.
 */
final readonly class Resolver
{
    /**
     * @param  list<PlaceTerms>  $places  in the seller's order
     * @param  array<int, Dispatcher>  $dispatchers  by supplier
     * @param  DateTimeImmutable  $paid  by the stall's clock
     */
    public function __construct(
        private array $places,
        private array $dispatchers,
        private DateTimeImmutable $paid,
        private CarrierRates $rates = new CarrierRates(),
    ) {
    }

    /** @param  list<QuotedGoods>  $goods */
    public function resolve(array $goods, Destination $to): Resolution
    {
        return $this->those($goods, array_keys($goods), $to);
    }

    /**
     * @param  list<QuotedGoods>  $goods  all of the basket
     * @param  list<int>  $lines  which of them
     */
    private function those(array $goods, array $lines, Destination $to): Resolution
    {
        $nearest = NearestPlace::of(array_map(static fn (PlaceTerms $t): Place => $t->place, $this->places), $to);
        $terms = $nearest === null ? null : $this->terms($nearest->place);
        if ($terms === null || $terms->ways === []) {
            $kind = $terms === null ? StopKind::NoPlace : StopKind::NotSent;

            return new Resolution($nearest, $terms, [new Stop($kind)], [], null, $lines);
        }
        $stops = array_values(array_filter(array_map(
            static fn (int $at): ?Stop => self::stop($goods[$at], $at, $terms),
            $lines,
        )));
        if ($stops !== []) {
            $left = array_values(array_diff($lines, array_map(static fn (Stop $s): ?int => $s->line, $stops)));

            return new Resolution($nearest, $terms, $stops, [], $left === [] ? null : $this->those($goods, $left, $to), $lines);
        }
        $ways = [];
        foreach ($terms->ways as $at => $way) {
            $ways[] = $lines === [] ? null : $this->way($at, $way, $terms->rules, $goods, $lines, $to);
        }

        return new Resolution($nearest, $terms, [], array_values(array_filter($ways)), null, $lines);
    }

    private function terms(Place $place): PlaceTerms
    {
        foreach ($this->places as $terms) {
            if ($terms->place === $place) {
                return $terms;
            }
        }
        throw new \LogicException('The nearest place is one of those given.');
    }

    private static function stop(QuotedGoods $goods, int $at, PlaceTerms $terms): ?Stop
    {
        foreach ($terms->rules as $rule) {
            if ($rule->more === null && $rule->holds($goods)) {
                return new Stop(StopKind::Rule, $at, $rule);
            }
        }

        return match (true) {
            $goods->offers === [] => new Stop(StopKind::Supplier, $at),
            $goods->reachable() === [] => new Stop(StopKind::Stock, $at),
            default => null,
        };
    }

    /**
     * @param  list<GoodsRule>  $rules
     * @param  list<QuotedGoods>  $goods
     * @param  non-empty-list<int>  $lines
     */
    private function way(int $at, Way $way, array $rules, array $goods, array $lines, Destination $to): ?WayQuote
    {
        $together = [];
        foreach ($lines as $line) {
            $from = self::preferred($way, $goods[$line]->reachable(), $goods[$line]->pieces)->warehouse;
            $together[$goods[$line]->supplier.' '.$from][] = $line;
        }
        $parcels = [];
        foreach ($together as $key => $of) {
            $warehouse = explode(' ', $key)[1];
            foreach (self::byMethods($goods, $of, $warehouse) as [$those, $methods]) {
                $parcels[] = $this->parcel($way, $goods, $those, $warehouse, $methods, $to);
            }
        }
        if ($parcels === []) {
            return null;
        }
        $plain = $way->charged(array_map(static fn (ParcelQuote $p): Load => $p->load, $parcels));
        if ($plain === null) {
            return null;
        }
        $worth = $plain->with(array_sum(array_map(static fn (int $l): int => $goods[$l]->price->minor, $lines)));
        $more = self::surcharge($way, $rules, $goods, $parcels, $plain);

        return new WayQuote($at, $way, $parcels, $plain, $more, $way->isFreeFor($worth) ? $more : $plain->plus($more));
    }

    /**
     * Goods that one warehouse sends, by what all of them can go by; apart where no method takes all of them.
     *
     * @param  list<QuotedGoods>  $goods
     * @param  non-empty-list<int>  $lines
     * @return list<array{non-empty-list<int>, non-empty-list<ShippingMethod>}>
     */
    private static function byMethods(array $goods, array $lines, string $warehouse): array
    {
        $common = self::methods($goods, $lines, $warehouse);
        if ($common !== []) {
            return [[$lines, $common]];
        }
        $apart = [];
        foreach ($lines as $line) {
            $own = self::methods($goods, [$line], $warehouse);
            if ($own !== []) {
                $apart[] = [[$line], $own];
            }
        }

        return $apart;
    }

    /**
     * @param  list<QuotedGoods>  $goods
     * @param  non-empty-list<int>  $lines
     * @return list<ShippingMethod> that take all of these lines, with what the parcel costs by them
     */
    private static function methods(array $goods, array $lines, string $warehouse): array
    {
        $by = [];
        foreach ($lines as $line) {
            foreach ($goods[$line]->reachable() as $offer) {
                if ($offer->warehouse === $warehouse) {
                    $by[$offer->method][$line] = $offer;
                }
            }
        }
        $methods = [];
        foreach ($by as $name => $offers) {
            if (count($offers) === count($lines)) {
                $methods[] = self::method((string) $name, $offers, $goods);
            }
        }

        return $methods;
    }

    /**
     * @param  non-empty-array<int, Offer>  $offers  by line
     * @param  list<QuotedGoods>  $goods
     */
    private static function method(string $name, array $offers, array $goods): ShippingMethod
    {
        $dearest = null;
        $further = 0;
        foreach ($offers as $line => $offer) {
            $each = $offer->further ?? $offer->delivery;
            $further += $each->minor * $goods[$line]->pieces;
            // One piece is the first of the parcel: that whose first costs most over what it would as a further one.
            $dearest = max($dearest ?? PHP_INT_MIN, $offer->delivery->minor - $each->minor);
        }
        $days = array_map(static fn (Offer $o) => $o->days, array_values($offers));

        return new ShippingMethod($name, reset($offers)->delivery->with($further + (int) $dearest), $days[0]->slowest(...$days));
    }

    /**
     * @param  list<QuotedGoods>  $goods
     * @param  non-empty-list<int>  $lines
     * @param  non-empty-list<ShippingMethod>  $methods
     */
    private function parcel(
        Way $way,
        array $goods,
        array $lines,
        string $warehouse,
        array $methods,
        Destination $to,
    ): ParcelQuote {
        $cheapestFirst = self::sorted($methods, MethodPreference::Cheapest);
        $chosen = $cheapestFirst[0];
        $tooDear = false;
        if ($way->prefers === MethodPreference::Quickest) {
            $within = array_values(array_filter(
                $methods,
                static fn (ShippingMethod $m): bool => $way->under === null || $m->cost->compare($way->under) < 0,
            ));
            $tooDear = $within === [];
            $chosen = self::sorted($within, MethodPreference::Quickest)[0] ?? $chosen;
        }
        $supplier = $goods[$lines[0]]->supplier;
        $loads = array_map(static fn (int $l): Load => new Load(
            $goods[$l]->pieces,
            $goods[$l]->grams === null ? null : $goods[$l]->grams * $goods[$l]->pieces,
            $goods[$l]->price,
            $goods[$l]->price->with(0),
        ), $lines);
        $load = Load::together($loads);

        return new ParcelQuote(
            lines: $lines,
            supplier: $supplier,
            warehouse: $warehouse,
            load: new Load(
                $load->pieces,
                $load->grams,
                $load->goods,
                $chosen->cost,
                $way->charge instanceof CarrierCharge && $load->grams !== null
                    ? $this->rates->of(RateAsked::of($warehouse, $to, $load->grams), $way->charge->service)
                    : null,
            ),
            method: $chosen,
            others: array_values(array_filter($cheapestFirst, static fn (ShippingMethod $m): bool => $m !== $chosen)),
            tooDear: $tooDear,
            dates: $this->dates($this->dispatchers[$supplier] ?? new Dispatcher(''), $warehouse, $chosen, $to),
        );
    }

    private function dates(Dispatcher $dispatcher, string $warehouse, ShippingMethod $method, Destination $to): ArrivalDates
    {
        return ArrivalDates::of(
            paid: $this->paid,
            cutOff: $dispatcher->cutOff,
            packing: $dispatcher->packing,
            transit: $method->days,
            packs: WorkCalendar::of($warehouse, closed: $dispatcher->closed),
            place: WorkCalendar::of($to->country, $to->part),
        );
    }

    /**
     * @param  list<ShippingMethod>  $methods
     * @return list<ShippingMethod>
     */
    private static function sorted(array $methods, MethodPreference $prefers): array
    {
        usort($methods, static fn (ShippingMethod $a, ShippingMethod $b): int => $prefers === MethodPreference::Cheapest
            ? [$a->cost->minor, $a->days->max, $a->name] <=> [$b->cost->minor, $b->days->max, $b->name]
            : [$a->days->max, $a->days->min, $a->cost->minor, $a->name] <=> [$b->days->max, $b->days->min, $b->cost->minor, $b->name]);

        return $methods;
    }

    /** @param  list<Offer>  $offers  not none */
    private static function preferred(Way $way, array $offers, int $pieces): Offer
    {
        $within = $way->prefers === MethodPreference::Cheapest ? $offers : array_values(array_filter(
            $offers,
            static fn (Offer $o): bool => $way->under === null || self::cost($o, $pieces) < $way->under->minor,
        ));
        $cheapest = $way->prefers === MethodPreference::Cheapest || $within === [];
        $ranked = $within === [] ? $offers : $within;
        usort($ranked, static fn (Offer $a, Offer $b): int => $cheapest
            ? [self::cost($a, $pieces), $a->days->max, -$a->stock, $a->warehouse] <=>
                [self::cost($b, $pieces), $b->days->max, -$b->stock, $b->warehouse]
            : [$a->days->max, self::cost($a, $pieces), -$a->stock, $a->warehouse] <=>
                [$b->days->max, self::cost($b, $pieces), -$b->stock, $b->warehouse]);

        return $ranked[0];
    }

    /** What so many pieces cost to send by themselves; minor units. */
    private static function cost(Offer $offer, int $pieces): int
    {
        return $offer->delivery->minor + ($pieces - 1) * ($offer->further ?? $offer->delivery)->minor;
    }

    /**
     * Each parcel with such goods costs the dearest of their surcharges more; over several it goes as the charge does.
     *
     * @param  list<GoodsRule>  $rules
     * @param  list<QuotedGoods>  $goods
     * @param  non-empty-list<ParcelQuote>  $parcels
     */
    private static function surcharge(Way $way, array $rules, array $goods, array $parcels, Money $in): Money
    {
        $each = [];
        foreach ($parcels as $parcel) {
            $most = 0;
            foreach ($parcel->lines as $line) {
                foreach ($rules as $rule) {
                    $most = $rule->more !== null && $rule->holds($goods[$line]) ? max($most, $rule->more->minor) : $most;
                }
            }
            $each[] = $most;
        }

        return $in->with($way->across === SplitCharge::Sum ? array_sum($each) : max($each));
    }
}
