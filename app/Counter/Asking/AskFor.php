<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Asking\WishKind;
use WindowStall\Core\Dispatch\Asking\WishState;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\Jobs\CarryRequest;
use WindowStall\Source\Connectors\TakesRequests;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Policies\Particulars;

/** Asks a supplier for something. The same form sent twice is one request. */
final class AskFor
{
    /**
     * @param  string  $key  of the form
     * @param  array{item: int|null, variant: int|null, pieces: int|null, wished: int|null, words: string, link: string|null,
     *               picture: string|null}  $wish  rows of ours; the cost in minor units of the stall's currency
     *
     * @throws Refusal
     */
    public function __invoke(Stall $stall, SupplierConnection $connection, string $key, WishKind $kind, array $wish): SupplierRequest
    {
        if (! $connection->connector() instanceof TakesRequests) {
            throw new Refusal($connection->name.' can’t be asked from here. Write to them, and add what they send as a feed or by hand.');
        }
        $variant = $wish['variant'] === null ? null : SupplierVariant::query()
            ->whereKey($wish['variant'])
            ->whereHas('item', static fn ($q) => $q->where('connection_id', $connection->id))
            ->first();
        if ($kind->needsVariant() && $variant === null) {
            throw new Refusal('Say which of their goods.');
        }
        if ($kind === WishKind::Change && $wish['item'] === null) {
            throw new Refusal('Say which of their goods is to be changed.');
        }
        if ($kind === WishKind::Sample && self::address($stall) === null) {
            throw new Refusal('A sample needs your own address. Fill it in under “Who sells” in Window first.');
        }
        $told = self::told($stall, $connection, $wish['wished']);
        $request = DB::transaction(fn (): SupplierRequest => SupplierRequest::query()->firstOrCreate(
            ['stall_id' => $stall->id, 'key' => $key],
            [
                'connection_id' => $connection->id,
                'kind' => $kind,
                'supplier_item_id' => $variant->supplier_item_id ?? $wish['item'],
                'supplier_variant_id' => $variant?->id,
                'pieces' => $wish['pieces'] ?? ($kind === WishKind::Sample ? 1 : null),
                'wished_minor' => $wish['wished'],
                'told_minor' => $told?->minor,
                'told_currency' => $told?->currency->code,
                'words' => $wish['words'],
                'link' => $wish['link'],
                'picture' => $wish['picture'],
                'state' => WishState::ToSend,
                'next_ask_at' => now(),
            ],
        ), attempts: 3);
        CarryRequest::dispatch($request->id);

        return $request;
    }

    /** A cost in the currency that the supplier reckons in, by the rate of the day. */
    private static function told(Stall $stall, SupplierConnection $connection, ?int $minor): ?Money
    {
        if ($minor === null) {
            return null;
        }
        $currency = SupplierItem::query()->where('connection_id', $connection->id)->value('currency') ?? $stall->currency;
        $each = $stall->rateFrom($currency)->exactly(Money::of(1, $currency));

        return Money::of(BigRational::of($minor)->dividedBy($each)->toScale(0, RoundingMode::HALF_UP)->toInt(), $currency);
    }

    /** @return array{name: string, street: string, town: string, postcode: string, country: string}|null the stall's own */
    public static function address(Stall $stall): ?array
    {
        $own = Particulars::of($stall);

        return $own->street === null || $own->street === '' ? null : [
            'name' => (string) $own->trader,
            'street' => $own->street,
            'town' => (string) $own->town,
            'postcode' => (string) $own->postcode,
            'country' => $stall->country,
        ];
    }
}
