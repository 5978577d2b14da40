<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/** All orders of a stall, found by what somebody has in hand: a number, a name, mail, postcode, SKU or tracking. */
final class AllOrders
{
    /** How the list may be narrowed, and how that is called. */
    public const STANDS = [
        'open' => 'under way',
        'refused' => 'refused by a supplier',
        'there' => 'all of it there',
        'back' => 'something given back',
        'returns' => 'something sent back',
        'held' => 'held',
        'disputed' => 'disputed',
        'unpaid' => 'not paid',
    ];

    /** @return Builder<Order> what isn't paid is no order yet, but where a bank has its money in hand */
    public static function of(Stall $stall): Builder
    {
        return Order::query()->where('stall_id', $stall->id)->where(static fn (Builder $q) => $q
            ->whereNotIn('state', [OrderState::AwaitingPayment, OrderState::PaymentLapsed])
            ->orWhereNotNull('pending_since'));
    }

    /** Orders of one tracking number, at most; a carrier may give it anew after years. */
    private const TRACKED = 100;

    /** No more than these are counted. */
    public const COUNTED = 1_000;

    /** @return int how many there are; one more than {@see self::COUNTED} where there are more */
    public static function count(Stall $stall): int
    {
        return DB::query()->fromSub(self::of($stall)->toBase()->selectRaw('1')->limit(self::COUNTED + 1), 'counted')->count();
    }

    /**
     * @param  array{q?: string, stands?: string, from?: string, to?: string, country?: string}  $by  as somebody asked
     * @return Builder<Order>
     */
    public static function by(Stall $stall, array $by): Builder
    {
        $stands = $by['stands'] ?? '';
        $orders = $stands === 'unpaid'
            ? Order::query()->where('stall_id', $stall->id)->whereIn('state', [OrderState::AwaitingPayment, OrderState::PaymentLapsed])
            : self::of($stall);
        self::stands($orders, $stall, $stands);
        self::found($orders, $stall, trim($by['q'] ?? ''));
        foreach (['from' => '>=', 'to' => '<='] as $end => $sign) {
            if (preg_match('/^\d{4}-\d{2}-\d{2}$/D', $by[$end] ?? '') === 1) {
                $orders->whereRaw("(paid_at AT TIME ZONE 'UTC' AT TIME ZONE ?)::date $sign ?::date", [$stall->zone, $by[$end]]);
            }
        }
        if (preg_match('/^[A-Z]{2}$/D', $by['country'] ?? '') === 1) {
            $orders->where('country', $by['country']);
        }

        return $orders;
    }

    /** @param  Builder<Order>  $orders */
    private static function stands(Builder $orders, Stall $stall, string $stands): void
    {
        $paid = static fn (): Builder => $orders->where('state', OrderState::Paid);
        match ($stands) {
            'open' => $paid()->whereHas('lines')->whereIn('id', static fn ($q) => $q->select('order_id')->from('supplier_orders')
                ->where('stall_id', $stall->id)
                ->whereIn('state', [SupplierOrderState::ToSend, SupplierOrderState::Sent, SupplierOrderState::Accepted])
                ->union(Parcel::query()->select('order_id')->where('stall_id', $stall->id)->whereNull('there_at')->toBase())),
            'refused' => $paid()->whereHas('supplierOrders', static fn (Builder $q) => $q->where('state', SupplierOrderState::Refused)),
            'there' => $paid()->whereHas('parcels')
                ->whereDoesntHave('parcels', static fn (Builder $q) => $q->whereNull('there_at'))
                ->whereDoesntHave('supplierOrders', static fn (Builder $q) => $q->whereNotIn('state', [
                    SupplierOrderState::Posted,
                    SupplierOrderState::Withdrawn,
                ])),
            'back' => $orders->whereHas('refunds'),
            'returns' => $orders->whereHas('returns', static fn (Builder $q) => $q->where('state', '<>', ReturnState::Refused)),
            'held' => $orders->whereNotNull('held_at'),
            'disputed' => $orders->whereNotNull('disputed_at'),
            default => null,
        };
    }

    /** @param  Builder<Order>  $orders */
    private static function found(Builder $orders, Stall $stall, string $said): void
    {
        if ($said === '') {
            return;
        }
        $number = ctype_digit($said) && strlen($said) < 10 ? (int) $said : null;
        // Read before: with a subquery among them, PostgreSQL uses no index for any of the alternatives.
        $few = SoughtOrders::few($said);
        $tracked = Parcel::query()
            ->where('stall_id', $stall->id)
            ->where('tracking', strtoupper($said))
            ->limit(self::TRACKED)
            ->pluck('order_id');
        $variants = DB::table('supplier_variants')->where('stall_id', $stall->id)->where('sku', $said)->pluck('id');
        $orders->where(static function (Builder $q) use ($said, $number, $few, $tracked, $variants): void {
            $q->whereIn('id', [...$few ?? [], ...$tracked])
                ->when($few === null, static fn (Builder $q) => $q->orWhere('sought', 'like', SoughtOrders::pattern($said)))
                ->when($number !== null, static fn (Builder $q) => $q->orWhere('number', $number))
                ->when($variants->isNotEmpty(), static fn (Builder $q) => $q->orWhereIn(
                    'id',
                    static fn ($q) => $q->select('order_id')->from('order_lines')->whereIn('supplier_variant_id', $variants),
                ));
        });
    }
}
