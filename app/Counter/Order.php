<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use DateTimeImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use WindowStall\Core\Delivery\Address\AddressForm;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Shop\BasketParcel;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;
use WindowStall\Window\Policies\Particulars;

/**
 * What a shopper bought, or a rehearsal tried. Amounts, tax and fee are those of the day it was placed and never change.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $number
 * @property string $token
 * @property array<string, int> $policies which version of each it was bought under, by kind
 * @property string $basket_id
 * @property string $basket_hash
 * @property OrderState $state
 * @property string $email
 * @property string $whose its mail address in small letters
 * @property string $name
 * @property string $street
 * @property string $town
 * @property string $postcode
 * @property string $country
 * @property string $part ISO 3166-2, where addresses there name one; else ""
 * @property string $way that its shopper chose; "" where there was one only
 * @property string $currency of the market it was placed in; its amounts are in it, but what sales cost and keep
 * @property string $home_currency the stall's, in which all costs are
 * @property string $rate what one unit of its currency was worth in the stall's that day, as a decimal
 * @property int $goods_minor
 * @property int $discount_minor what codes took off the goods; goods_minor is what is left
 * @property int $delivery_minor
 * @property int $tax_minor
 * @property int $total_minor
 * @property int $tax_bp
 * @property list<array{rate: int, asked: int, tax: int}> $taxes by the rate in millionths, the highest first
 * @property string $company "" where nobody said one
 * @property string $tax_number of that business, as {@see \WindowStall\Core\Tax\TaxNumber} reads it
 * @property bool $reverse_charge whether that business owes the tax, so that none was charged
 * @property bool $tax_on_top
 * @property int $platform_bp
 * @property int $returns_bp
 * @property int $advertising_minor
 * @property int $duty_minor
 * @property int $handling_minor
 * @property int $fee_bp
 * @property int $fee_fixed_minor
 * @property string $pay_method {@see \WindowStall\Core\Payment\PayMethod}
 * @property bool $pay_live whether it is paid for real, or tried out
 * @property Carbon|null $pending_since its shopper ordered a transfer then, whose money isn't there yet
 * @property Carbon|null $disputed_at its payer told their bank then that they don't owe it
 * @property string|null $payment_id
 * @property int|null $exchange_of the order whose payment paid for it: it goes out for what came back of that
 * @property int|null $joins_order_id the order in whose parcel it goes along
 * @property int $own_cost_minor what its goods cost that no supplier is asked for, in the stall's currency
 * @property int $card_minor what gift cards pay of its total
 * @property int|null $said_age of which age or older its shopper said to be, where that was asked
 * @property string $wallet by which the payment service knows its shopper; "" where it doesn't
 * @property string|null $pay_at the page where the shopper pays
 * @property Carbon|null $settling_until somebody settles its payment until then
 * @property Carbon|null $reserved_until its pieces are taken aside until then
 * @property Carbon|null $awaited_since a shopper came back from paying and waits
 * @property string $phone that who brings it rings; "" where nobody does
 * @property string $collected where its shopper fetches it, in the seller's words; "" where it is brought
 * @property Trouble|null $payment_trouble
 * @property string|null $payment_trouble_name what it is about
 * @property string $language that its shopper reads, ISO 639-1
 * @property array{rule: string, variants: array<int, int>, others: array<string, array{landed: int, by: string, parcels: int}>, exact: bool}|null $shared
 *     why its lines come from where they do; null where there was nothing to choose
 * @property Carbon|null $held_at a person has to look first; nothing is sent until then
 * @property list<string> $doubts why, in words
 * @property Carbon|null $paid_at
 * @property Carbon $created_at
 */
final class Order extends Model
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'state' => OrderState::class,
            'paid_at' => 'datetime',
            'held_at' => 'datetime',
            'doubts' => 'array',
            'settling_until' => 'datetime',
            'reserved_until' => 'datetime',
            'awaited_since' => 'datetime',
            'tax_on_top' => 'boolean',
            'policies' => 'array',
            'taxes' => 'array',
            'shared' => 'array',
            'reverse_charge' => 'boolean',
            'pay_live' => 'boolean',
            'pending_since' => 'datetime',
            'disputed_at' => 'datetime',
            'payment_trouble' => Trouble::class,
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    /** @return BelongsTo<Stall, $this> */
    public function stall(): BelongsTo
    {
        return $this->belongsTo(Stall::class);
    }

    /** @return HasMany<OrderLine, $this> */
    public function lines(): HasMany
    {
        return $this->hasMany(OrderLine::class)->orderBy('id');
    }

    /** @return HasMany<OrderPaper, $this> */
    public function papers(): HasMany
    {
        return $this->hasMany(OrderPaper::class)->orderBy('id');
    }

    /** @return HasMany<Parcel, $this> */
    public function parcels(): HasMany
    {
        return $this->hasMany(Parcel::class)->orderBy('number');
    }

    /** @return HasMany<OrderReturn, $this> */
    public function returns(): HasMany
    {
        return $this->hasMany(OrderReturn::class)->orderBy('id');
    }

    /** @return HasMany<Refund, $this> */
    public function refunds(): HasMany
    {
        return $this->hasMany(Refund::class)->orderBy('id');
    }

    /** @return HasMany<SupplierOrder, $this> */
    public function supplierOrders(): HasMany
    {
        return $this->hasMany(SupplierOrder::class)->orderBy('id');
    }

    /** Between which days the shopper was told that a supplier's part of it comes: "Monday 7 to Wednesday 9 December". */
    public function promised(SupplierOrder $part): ?string
    {
        $lines = $this->lines->where('supplier_order_id', $part->id);
        [$from, $to] = [$lines->max('promised_from'), $lines->max('promised_to')];

        return is_string($from) && is_string($to)
            ? Spoken::between(new DateTimeImmutable($from), new DateTimeImmutable($to))
            : null;
    }

    /**
     * The same for each of the parcels that some lines were told to come in.
     *
     * @param  Collection<int, OrderLine>  $lines
     * @param  Stall  $stall  as its shopper reads it
     * @return list<array{goods: string, dates: string}>
     */
    public function promises(Collection $lines, Stall $stall): array
    {
        $told = $lines->whereNotNull('promised_to')
            ->groupBy(static fn (OrderLine $line): string => $line->promised_from.' '.$line->promised_to);

        return array_values($told->map(static fn (Collection $lines, string $days): array => [
            'goods' => BasketParcel::all(array_values($lines->map(static fn (OrderLine $l): string => $l->nameIn($stall))->all())),
            'dates' => Spoken::between(...array_map(static fn (string $day) => new DateTimeImmutable($day), explode(' ', $days))),
        ])->all());
    }

    /**
     * What stands in the way of its payment, in a sentence; null where nothing does.
     *
     * @param  Stall|null  $stall  in whose shop it is read; its seller reads it without
     */
    public function trouble(?Stall $stall = null): ?string
    {
        $name = $this->payment_trouble_name;
        $line = $stall === null ? null : $this->lines->first(static fn (OrderLine $line): bool => $line->name() === $name);

        return $this->payment_trouble === null ? null : Speech::say(
            'till.trouble.'.$this->payment_trouble->value,
            name: $line !== null && $stall !== null ? $line->nameIn($stall) : $name,
        );
    }

    /** An amount that its shopper sees. */
    public function money(int $minor): Money
    {
        return Money::of($minor, $this->currency);
    }

    /** Whether nobody bought it: it was ordered in a rehearsal, and isn't in the books. */
    public function isRehearsed(): bool
    {
        return $this->id < 0;
    }

    /** What is paid besides gift cards. */
    public function payable(): Money
    {
        return $this->money($this->total_minor - $this->card_minor);
    }

    /** What its goods came to before codes. */
    public function goodsBefore(): Money
    {
        return $this->money($this->goods_minor + $this->discount_minor);
    }

    /** An amount of the stall's own: what it costs, what is kept. */
    public function homeMoney(int $minor): Money
    {
        return Money::of($minor, $this->home_currency);
    }

    /** What an amount that its shopper sees is worth at home, by the rate of the day it was placed. */
    public function worth(int $minor): Money
    {
        return $this->currency === $this->home_currency
            ? $this->homeMoney($minor)
            : ExchangeRate::of(
                Currency::of($this->currency),
                Currency::of($this->home_currency),
                $this->rate,
                0,
                '',
            )->convert($this->money($minor));
    }

    /** What went back of it, or is on its way; with the refunds loaded. */
    public function back(): Money
    {
        return $this->money((int) $this->refunds->sum('total_minor'));
    }

    /** What its shopper has back already. */
    public function arrivedBack(): Money
    {
        return $this->money((int) $this->refunds->whereNotNull('done_at')->where('credited', false)->sum('total_minor'));
    }

    /** Whether anything of it is sent; with its lines. */
    public function isPosted(): bool
    {
        return $this->lines->contains(static fn (OrderLine $line): bool => $line->giving === null);
    }

    private function partName(): string
    {
        return AddressForm::parts($this->country)[$this->part] ?? $this->part;
    }

    /** @return array{name: string, street: string, town: string, postcode: string, country: string, phone?: string} */
    public function address(): array
    {
        return [
            'name' => $this->name,
            'street' => $this->street,
            'town' => $this->town.($this->part === '' ? '' : ', '.$this->partName()),
            'postcode' => $this->postcode,
            'country' => $this->country,
        ] + ($this->phone === '' ? [] : ['phone' => $this->phone]);
    }

    /**
     * Where suppliers send it: to its shopper, or to the stall where they fetch it.
     *
     * @return array{name: string, street: string, town: string, postcode: string, country: string, phone?: string}
     */
    public function sentTo(): array
    {
        $own = $this->collected === '' || $this->stall === null ? null : Particulars::of($this->stall);

        return $own?->street === null ? $this->address() : [
            'name' => trim($own->trader.', '.$this->number, ', '),
            'street' => $own->street,
            'town' => (string) $own->town,
            'postcode' => (string) $own->postcode,
            'country' => $this->stall->country ?? $this->country,
        ];
    }
}
