<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Quote\Resolution;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\StopKind;
use WindowStall\Core\Delivery\Quote\WayQuote;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\Resolved;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\WantedLine;
use WindowStall\Offers\TillCodes;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Speech\Speech;

/** How what lies in a basket goes to where its shopper wants it, or what stands in the way of that. */
final readonly class BasketDelivery
{
    /**
     * @param  list<WayQuote>  $ways  that the shopper may choose from
     * @param  WayQuote|null  $way  the chosen one; null where nothing goes, or nothing is there to go
     * @param  list<BasketParcel>  $parcels  by that way
     * @param  list<string>  $troubles  sentences for the shopper
     * @param  int  $off  what a code takes off each way’s charge: what the first costs; minor units of the market’s currency
     * @param  ShopMarket  $market  in whose currency it is charged
     */
    private function __construct(
        public Destination $to,
        public array $ways,
        public ?WayQuote $way,
        public array $parcels,
        public array $troubles,
        private int $off,
        private ShopMarket $market,
        private ?Resolved $asked = null,
    ) {
    }

    /**
     * @param  list<BasketEntry>  $entries
     * @param  TillCodes  $codes  what they take off counts in what the goods are worth
     * @param  int|null  $chosen  which of the place's ways; the first where none is chosen, or it is none of them any more
     * @param  bool  $along  whether it goes along in a parcel that was paid for
     */
    public static function of(
        Stall $stall,
        array $entries,
        Destination $to,
        ?int $chosen,
        TillCodes $codes,
        bool $along = false,
    ): self {
        $market = $stall->seen();
        // What has sold out stands in the way by itself, and isn't asked for; what isn't posted needs no way.
        $posted = static fn (BasketEntry $e): bool => $e->giving === null && $e->trouble() === null;
        $sent = array_values(array_filter($entries, $posted));
        if ($sent === []) {
            return new self($to, [], null, [], [], 0, $market);
        }
        $lines = array_map(static fn (BasketEntry $e): WantedLine => new WantedLine(
            $e->variant->row->selling()->id,
            $e->name(),
            $e->quantity,
            $market->worth($e->total()->minus($market->money($codes->allotment->lines[$e->variant->row->id] ?? 0))),
            $e->tags,
        ), $sent);
        $asked = app(ResolveDelivery::class)($stall, $lines, $to);
        $found = $asked->resolution;
        $way = $found->way($chosen);

        return new self(
            $to,
            $found->ways,
            $way,
            $way === null ? [] : BasketParcel::of($way, $sent),
            self::troubles($found, $sent),
            match (true) {
                $along => PHP_INT_MAX,
                $codes->allotment->deliveryFree && $found->ways !== [] => $market->show($found->ways[0]->charge)->minor,
                default => 0,
            },
            $market,
            $asked,
        );
    }

    /** What it comes to by the chosen way; null where nothing goes, or what the goods cost isn't known. */
    public function figures(Stall $stall): ?Till
    {
        return $this->way === null || $this->asked === null
            ? null
            : QuoteFigures::of($stall, $this->asked->goods, $this->way, $this->to->country);
    }

    public function charge(): Money
    {
        return $this->way === null ? $this->market->money(0) : $this->chargeBy($this->way);
    }

    /** What a way costs, codes taken off. */
    public function chargeBy(WayQuote $way): Money
    {
        $charge = $this->market->show($way->charge);

        return $charge->with(max(0, $charge->minor - $this->off));
    }

    /** What codes took off the chosen way’s charge; minor units of the market’s currency. */
    public function off(): int
    {
        return $this->way === null
            ? 0
            : $this->market->show($this->way->charge)->minor - $this->chargeBy($this->way)->minor;
    }

    /**
     * @param  list<BasketEntry>  $entries
     * @return list<string>
     */
    private static function troubles(Resolution $found, array $entries): array
    {
        if ($found->stops === []) {
            return $found->ways === [] ? [Speech::say('till.stops.unknown')] : [];
        }

        return array_map(static fn (Stop $stop): string => match ($stop->kind) {
            StopKind::NoPlace, StopKind::NotSent => Speech::say('till.stops.no_place'),
            StopKind::Rule, StopKind::Supplier => Speech::say('till.stops.not_sent', name: $entries[(int) $stop->line]->name()),
            StopKind::Stock => Speech::say('till.stops.few_there', name: $entries[(int) $stop->line]->name()),
        }, $found->stops);
    }
}
