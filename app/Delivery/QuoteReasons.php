<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Quote\ParcelQuote;
use WindowStall\Core\Delivery\Quote\Resolution;
use WindowStall\Core\Delivery\Quote\ShippingMethod;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\StopKind;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Delivery\Ways\CarrierCharge;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\RuleBy;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Words\Plural;
use WindowStall\Core\Words\Weight;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Views\MoneyView;

/** Why a basket goes as it does, or doesn't go, in sentences for the seller and in the order in which they count. */
final readonly class QuoteReasons
{
    /** @param  array<int, string>  $suppliers  names by connection */
    private function __construct(private Resolved $asked, private array $suppliers)
    {
    }

    /**
     * @param  array<int, string>  $suppliers  names by connection
     * @return list<string>
     */
    public static function of(Resolved $asked, ?WayQuote $way, array $suppliers): array
    {
        return (new self($asked, $suppliers))->all($asked->resolution, $way);
    }

    /** @return list<string> */
    private function all(Resolution $found, ?WayQuote $way): array
    {
        $said = [];
        if ($found->nearest !== null) {
            $said[] = implode(' ', $found->nearest->reasons($this->asked->to, Places::nameOf(...)));
        }
        foreach ($found->stops as $stop) {
            $said[] = $this->stop($stop);
        }
        if ($found->without !== null) {
            $said[] = 'So the basket can’t go as it is. Without what is named here it can.';

            // The place was said already.
            return [...$said, ...array_slice($this->all($found->without, $found->without->way(null)), 1)];
        }
        if ($way === null) {
            if ($found->stops === []) {
                $said[] = 'No way there can be worked out: what it costs isn’t known.';
            }

            return $said;
        }
        foreach ($way->parcels as $parcel) {
            $said[] = $this->parcel($parcel, $way);
            $said[] = implode(' ', $parcel->dates->reasons);
        }
        if ($way->way->charge instanceof CarrierCharge) {
            $said[] = self::carrier($way, $way->way->charge);
        }
        $said[] = self::charge($way);

        return $said;
    }

    public function stop(Stop $stop): string
    {
        $name = $stop->line === null ? '' : $this->asked->goods[$stop->line]->name;
        $where = Stall::countrySaid($this->asked->to->country);

        return match ($stop->kind) {
            StopKind::NoPlace => sprintf('No place of yours has this address in %s.', $where),
            StopKind::NotSent => 'Nothing is sent there yet.',
            StopKind::Rule => sprintf('%s: %s.', $name, self::rule($stop->rule)),
            StopKind::Supplier => sprintf(
                '%s: %s doesn’t send it to %s.',
                $name,
                $this->supplier($stop->line === null ? 0 : $this->asked->goods[$stop->line]->supplier),
                $where,
            ),
            StopKind::Stock => sprintf('%s: too few pieces lie where they could be sent from.', $name),
        };
    }

    private static function rule(?GoodsRule $rule): string
    {
        return match ($rule?->by) {
            RuleBy::Tag => sprintf('you don’t send goods tagged %s there', $rule->value),
            RuleBy::Heavier => sprintf('you don’t send goods over %s there', Weight::said((int) $rule->value)),
            RuleBy::Supplier => 'you don’t send its supplier’s goods there',
            null => 'you don’t send it there',
        };
    }

    private function parcel(ParcelQuote $parcel, WayQuote $way): string
    {
        $names = array_map(fn (int $line): string => $this->asked->goods[$line]->name, $parcel->lines);
        $last = array_pop($names);
        $several = $names !== [];
        $names = $several ? implode(', ', $names).' and '.$last : (string) $last;
        $weight = $parcel->load->grams === null ? '' : ', '.Weight::said($parcel->load->grams);

        return sprintf(
            '%s: %s from %s in %s%s, by %s, which costs you %s.%s',
            $names,
            $several ? 'one parcel' : 'a parcel',
            $this->supplier($parcel->supplier),
            Stall::countrySaid($parcel->warehouse),
            $weight,
            $parcel->method->name,
            MoneyView::text($parcel->method->cost),
            self::rather($parcel, $way),
        );
    }

    /** Why not by another of its methods. */
    private static function rather(ParcelQuote $parcel, WayQuote $way): string
    {
        if ($parcel->tooDear && $way->way->under !== null) {
            return sprintf(' Nothing quicker costs less than %s.', MoneyView::text($way->way->under));
        }
        $quick = $way->way->prefers === MethodPreference::Quickest;
        foreach ($parcel->others as $other) {
            if ($quick && $other->cost->compare($parcel->method->cost) < 0) {
                return sprintf(
                    ' %s would cost %s, but takes up to %s.',
                    $other->name,
                    MoneyView::text($other->cost),
                    Plural::of($other->days->max, 'working day'),
                );
            }
            if (! $quick && $other->days->max < $parcel->method->days->max) {
                return self::quicker($other);
            }
        }

        return '';
    }

    private static function quicker(ShippingMethod $other): string
    {
        return sprintf(
            ' %s would be there within %s, but costs %s.',
            $other->name,
            Plural::of($other->days->max, 'working day'),
            MoneyView::text($other->cost),
        );
    }

    private static function carrier(WayQuote $way, CarrierCharge $charge): string
    {
        $rates = array_values(array_filter(array_map(static fn (ParcelQuote $p): ?Money => $p->load->carrier, $way->parcels)));
        if (count($rates) < count($way->parcels)) {
            return sprintf('The carrier gave no rate for it, so %s counts.', MoneyView::text($charge->otherwise));
        }
        $said = implode(' and ', array_map(MoneyView::text(...), $rates));

        return sprintf('The carrier asks %s for its %s service now.', $said, $charge->service->value);
    }

    private static function charge(WayQuote $way): string
    {
        $more = $way->surcharge->minor === 0
            ? ''
            : sprintf(', %s of it for goods that cost more to send', MoneyView::text($way->surcharge));
        if ($way->way->freeOver === null) {
            return sprintf('The shopper pays %s%s.', MoneyView::text($way->charge), $more);
        }
        $over = MoneyView::text($way->way->freeOver);

        return $way->isFree() || $way->plain->minor > $way->charge->minor - $way->surcharge->minor
            ? sprintf('The goods come to %s or more, so the shopper pays %s%s.', $over, MoneyView::text($way->charge), $more)
            : sprintf('The shopper pays %s%s; from %s on it costs nothing.', MoneyView::text($way->charge), $more, $over);
    }

    private function supplier(int $connection): string
    {
        return $this->suppliers[$connection] ?? 'its supplier';
    }
}
