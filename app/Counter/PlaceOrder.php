<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Core\Tax\SalesTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Counter\Cards\OrderCards;
use WindowStall\Counter\Jobs\SettlePayment;
use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Offers\Code;
use WindowStall\Offers\CodeUses;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Shop\BasketEntry;
use WindowStall\Source\Own\OwnGood;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Taxes;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\PolicyVersion;

/** Writes an order down as the shopper saw it, to be paid. The same basket pressed twice is one order. */
final readonly class PlaceOrder
{
    public function __construct(private CodeUses $uses)
    {
    }

    /**
     * @param  array<string, string>  $address email, name, street, town, part, postcode, phone, company, tax_number
     * @param  array<int, int>  $cards  what gift cards pay, minor units
     * @param  int|null  $age  of which or older its shopper said to be, where that is asked
     */
    public function __invoke(
        Stall $stall,
        Basket $basket,
        BasketContents $contents,
        array $address,
        PayMethod $by = PayMethod::Card,
        ?int $age = null,
        array $cards = [],
    ): Order {
        $connection = PaymentConnection::of($stall);
        $order = DB::transaction(function () use ($stall, $basket, $contents, $address, $by, $age, $cards, $connection): Order {
            $rehearsed = OneStall::isRehearsing() ? OrderNumbers::rehearsed() : null;
            $number = $rehearsed ?? OrderNumbers::next($stall);
            $hash = $cards === [] ? $contents->hash() : hash('sha256', $contents->hash().json_encode($cards, JSON_THROW_ON_ERROR));
            $known = Order::query()
                ->where('basket_id', $basket->id)
                ->where('basket_hash', $hash)
                ->where('state', OrderState::AwaitingPayment)
                ->where('pay_method', $by)
                ->where('pay_live', $connection->live)
                ->whereNull('pending_since')
                ->first();
            $to = $contents->delivery->to->country;
            $tax = self::tax($stall, $contents);
            $way = $contents->delivery->way?->way;
            $facts = array_map(static fn (string $v): string => trim($v), $address) + [
                'country' => $to,
                'collected' => $way->collected ?? '',
                'said_age' => $age,
            ];
            $policies = array_map(
                static fn (PolicyVersion $version): int => $version->number,
                PolicyVersion::now($stall),
            );
            if ($known !== null) {
                $known->update($facts + ['awaited_since' => null, 'policies' => $policies]);
                $this->promise($known, $contents);
                $this->useCodes($known, $contents);
                OrderCards::note($known, $cards);

                return $known;
            }
            [$duty, $handling] = self::atTheBorder($stall, $contents);
            // What goes along in a parcel crosses the border with it.
            $handling = $basket->joins_order_id === null ? $handling : 0;
            $fees = $connection->terms($by, $stall);
            $order = Order::query()->create(
                $facts + ($rehearsed === null ? [] : ['id' => $rehearsed]) + [
                    'stall_id' => $stall->id,
                    'number' => $number,
                    'token' => rtrim(strtr(base64_encode(random_bytes(32)), '+/', '-_'), '='),
                    'joins_order_id' => $basket->joins_order_id,
                    'basket_id' => $basket->id,
                    'basket_hash' => $hash,
                    'card_minor' => array_sum($cards),
                    'own_cost_minor' => self::ownCost($contents),
                    'state' => OrderState::AwaitingPayment,
                    'currency' => $contents->market->currency->code,
                    'home_currency' => $stall->currency,
                    'rate' => $contents->market->rate(),
                    'goods_minor' => $contents->totals->goods->minor,
                    'delivery_minor' => $contents->totals->delivery->minor,
                    'tax_minor' => $contents->totals->tax->minor,
                    'total_minor' => $contents->totals->total->minor,
                    'discount_minor' => $contents->codes->off(),
                    'tax_bp' => intdiv($tax->rate->millionths, 100),
                    'taxes' => array_map(
                        static fn (int $rate, array $sums): array => ['rate' => $rate] + $sums,
                        array_keys($contents->totals->rates),
                        array_values($contents->totals->rates),
                    ),
                    'reverse_charge' => $contents->totals->reverse,
                    'pay_method' => $by,
                    'pay_live' => $connection->live,
                    'fee_bp' => $fees->fee === null ? $stall->payment_fee_bp : intdiv($fees->fee->millionths, 100),
                    'fee_fixed_minor' => $fees->fixed->minor ?? $stall->payment_fee_fixed_minor,
                    'tax_on_top' => ! $tax->included,
                    'platform_bp' => $stall->platform_fee_bp,
                    'returns_bp' => $stall->returns_bp,
                    'advertising_minor' => $stall->advertising_minor,
                    'way' => $way->name ?? '',
                    'duty_minor' => $duty,
                    'handling_minor' => $handling,
                    'policies' => $policies,
                    'language' => Speech::language(),
                ],
            );
            if ($rehearsed === null) {
                OrderNumbers::take($stall);
            }
            $taxes = Taxes::of($stall);
            foreach ($contents->entries as $entry) {
                $order->lines()->create([
                    'listing_variant_id' => $entry->variant->row->id,
                    'supplier_variant_id' => $entry->variant->row->selling()->id,
                    'title' => $entry->ownTitle,
                    'label' => $entry->ownChosen,
                    'picture' => $entry->picture?->path,
                    'quantity' => $entry->quantity,
                    'unit_minor' => $entry->unit->minor,
                    'total_minor' => $entry->line()->laddered()?->minor,
                    'tax_rate' => $taxes->rate($entry->taxClass, $contents->delivery->to)->millionths,
                    'discount_minor' => $contents->codes->allotment->lines[$entry->variant->row->id] ?? 0,
                    'giving' => $entry->giving,
                    'own_good_id' => $entry->giving === null ? null : OwnGood::idOf($entry->variant->row->external_id),
                ]);
            }

            $this->promise($order, $contents);
            $this->useCodes($order, $contents);
            OrderCards::note($order, $cards);

            return $order->refresh();
        }, attempts: 3);
        $this->letGoOthers($order);

        return $order;
    }

    /** What the same basket was before isn't paid any more: what nobody approved yet of it is let go. */
    private function letGoOthers(Order $order): void
    {
        $others = Order::query()
            ->where('basket_id', $order->basket_id)
            ->whereKeyNot($order->id)
            ->where('state', OrderState::AwaitingPayment)
            ->whereNotNull('payment_id')
            ->whereNull('pending_since');
        foreach ($others->pluck('id') as $other) {
            SettlePayment::dispatch((int) $other, letGo: true);
        }
    }

    /** At which rate it is taxed: the only one, or the standard one of where it goes; at none where its buyer owes it. */
    private static function tax(Stall $stall, BasketContents $contents): SalesTax
    {
        $taxes = Taxes::of($stall);
        $to = $contents->delivery->to;
        $rates = array_keys($contents->totals->rates);
        $rate = count($rates) === 1 ? new Rate($rates[0]) : $taxes->rate(TaxClass::Standard, $to);

        return $taxes->rules($to->country)->tax($contents->totals->reverse ? Rate::none() : $rate);
    }

    /** What of it costs that no supplier is asked for: what gift cards are worth is owed to whoever has them. */
    private static function ownCost(BasketContents $contents): int
    {
        $own = array_filter($contents->entries, static fn (BasketEntry $e): bool => $e->giving !== null);

        return array_sum(array_map(static fn (BasketEntry $e): int => ($e->variant->landed->minor ?? 0) * $e->quantity, $own));
    }

    /** @return array{int, int} duty and handling that are expected, in minor units */
    private static function atTheBorder(Stall $stall, BasketContents $contents): array
    {
        $abroad = $contents->delivery->to->country === $stall->home_market ? null : $contents->delivery->figures($stall);
        $home = Expecting::basket($stall, $contents);

        return $abroad === null
            ? [$home->duty->minor, $home->handling->minor]
            // What suppliers lay in is noted with what is ordered of them.
            : [$abroad->duty->minor, $stall->handling_minor * count($contents->delivery->way->parcels ?? [])];
    }

    /**
     * Notes which codes were used. Whether one may still be is looked at again with its row locked, so that of many orders
     * at once no more use it than may.
     *
     * @throws CodeUsedUp
     */
    private function useCodes(Order $order, BasketContents $contents): void
    {
        $used = $contents->codes->used;
        DB::table('order_codes')->where('order_id', $order->id)->delete();
        foreach (Code::query()->whereKey(array_keys($used))->orderBy('id')->lockForUpdate()->get() as $code) {
            $typed = $used[$code->id]['typed'];
            if ($this->isUsedUp($code, $typed, $order)) {
                throw CodeUsedUp::code($typed);
            }
            DB::table('order_codes')->insert([
                'stall_id' => $order->stall_id,
                'order_id' => $order->id,
                'code_id' => $code->id,
                'code' => $typed,
                'off_minor' => ($contents->codes->allotment->codes[$code->id] ?? 0)
                    + ($code->reduction['by'] === 'delivery' ? $contents->delivery->off() : 0),
            ]);
        }
    }

    private function isUsedUp(Code $code, string $typed, Order $order): bool
    {
        $of = [$code->id];
        $uses = $code->most_uses === null ? 0 : $this->uses->of($of, $order->basket_id)[$code->id] ?? 0;
        $theirs = $code->most_each === null ? 0 : $this->uses->by($order->email, $of, $order->basket_id)[$code->id] ?? 0;

        return ($code->most_uses !== null && $uses >= $code->most_uses)
            || ($code->most_each !== null && $theirs >= $code->most_each)
            || ($code->singles && $this->uses->single($code->id, $typed, $order->basket_id));
    }

    /** Writes down between which days the shopper was told that it comes. */
    private function promise(Order $order, BasketContents $contents): void
    {
        foreach ($contents->delivery->parcels as $parcel) {
            $order
                ->lines()
                ->whereIn('listing_variant_id', array_map(static fn (BasketEntry $e): int => $e->variant->row->id, $parcel->entries))
                ->update([
                    'promised_from' => $parcel->dates->earliest->format('Y-m-d'),
                    'promised_to' => $parcel->dates->latest->format('Y-m-d'),
                ]);
        }
    }
}
