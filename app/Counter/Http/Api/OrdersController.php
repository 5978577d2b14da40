<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http\Api;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Desk\AllOrders;
use WindowStall\Counter\Following\NoteParcels;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SaidParcel;
use WindowStall\Stall\Http\TokensStall;
use WindowStall\Support\Api\Page;

/** Orders, their parcels and refunds, as programs read them; and the tracking of what somebody posted by hand. */
final class OrdersController
{
    private const WITH = ['lines.supplierVariant', 'supplierOrders.connection', 'parcels', 'refunds', 'stall'];

    public function index(Request $request): JsonResponse
    {
        $page = Page::of($request);
        $rows = AllOrders::of(TokensStall::of($request))
            ->with(self::WITH)
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();

        return $page->answer($rows, self::order(...));
    }

    public function show(Request $request, int $order): JsonResponse
    {
        return new JsonResponse(self::order(AllOrders::of(TokensStall::of($request))->with(self::WITH)->findOrFail($order)));
    }

    public function parcels(Request $request): JsonResponse
    {
        return Page::of($request)->answer(self::page($request, Parcel::query()), self::parcel(...));
    }

    public function refunds(Request $request): JsonResponse
    {
        return Page::of($request)->answer(self::page($request, Refund::query()), self::refund(...));
    }

    /**
     * @template T of Model
     *
     * @param  Builder<T>  $of
     * @return Collection<int, T> those of the token's stall, with their orders
     */
    private static function page(Request $request, Builder $of): Collection
    {
        $page = Page::of($request);

        return $of->with('order')
            ->where('stall_id', TokensStall::of($request)->id)
            ->where('id', '>', $page->after)
            ->orderBy('id')
            ->limit($page->limit + 1)
            ->get();
    }

    /** A parcel that somebody posted: the shopper is told, and it is followed. The same tracking twice is one parcel. */
    public function post(Request $request, int $order): JsonResponse
    {
        $stall = TokensStall::writing($request, 'orders');
        $typed = $request->validate([
            'carrier' => 'required|string|max:60',
            'tracking' => 'required|string|max:60',
            'lines' => 'required|array|list|min:1|max:100',
            'lines.*.line' => 'required|integer|min:1|max:9000000000000000',
            'lines.*.pieces' => 'required|integer|min:1|max:100000',
        ], [
            'carrier' => 'The name of who brings it belongs here.',
            'tracking' => 'The parcel’s number belongs here.',
            'lines' => 'A list of the order’s lines with their pieces belongs here.',
            'lines.*' => 'A line’s id and its pieces belong here.',
        ]);
        $row = AllOrders::of($stall)->where('state', OrderState::Paid)->findOrFail($order);
        $pieces = array_column($typed['lines'], 'pieces', 'line');
        $lines = $row->lines()->with('supplierVariant')->whereKey(array_keys($pieces))->get();
        $theirs = $lines->pluck('supplier_order_id')->unique();
        if ($lines->count() !== count($pieces) || $theirs->count() !== 1) {
            throw ValidationException::withMessages(['lines' => 'Lines of this order that one supplier sends belong here.']);
        }
        $known = DB::transaction(function () use ($theirs, $lines, $pieces, $typed, $stall): ?Parcel {
            $sent = SupplierOrder::query()
                ->with(['order', 'lines.supplierVariant'])
                ->whereKey($theirs->first())
                ->lockForUpdate()
                ->firstOrFail();
            $sent->order?->setRelation('stall', $stall);
            NoteParcels::of($sent, [new SaidParcel($typed['carrier'], $typed['tracking'], $lines->mapWithKeys(
                static fn (OrderLine $line): array => [(string) $line->supplierVariant?->external_id => (int) $pieces[$line->id]],
            )->all())]);

            return Parcel::query()->where('supplier_order_id', $sent->id)->where('tracking', $typed['tracking'])->first();
        }, attempts: 3);
        if ($known === null) {
            throw ValidationException::withMessages(['lines' => 'All of that is posted already.']);
        }

        return new JsonResponse(self::parcel($known));
    }

    /** @return array<string, mixed> */
    private static function order(Order $order): array
    {
        return [
            'id' => $order->id,
            'number' => $order->number,
            'state' => $order->state->value,
            'placed_at' => $order->created_at->toIso8601ZuluString(),
            'paid_at' => $order->paid_at?->toIso8601ZuluString(),
            'held' => $order->held_at !== null,
            'disputed' => $order->disputed_at !== null,
            'email' => $order->email,
            'to' => $order->address() + ['part' => $order->part],
            'currency' => $order->currency,
            'goods' => $order->money($order->goods_minor)->digits(),
            'discount' => $order->money($order->discount_minor)->digits(),
            'delivery' => $order->money($order->delivery_minor)->digits(),
            'tax' => $order->money($order->tax_minor)->digits(),
            'total' => $order->money($order->total_minor)->digits(),
            'back' => $order->back()->digits(),
            'kept' => OrderFigures::result($order)->kept->digits(),
            'kept_currency' => $order->home_currency,
            'lines' => $order->lines->map(static fn (OrderLine $line): array => [
                'id' => $line->id,
                'sku' => $line->supplierVariant?->sku,
                'name' => $line->name(),
                'pieces' => $line->quantity,
                'withdrawn' => $line->withdrawn,
                'total' => $line->total($order)->digits(),
                'supplier' => $order->supplierOrders->firstWhere('id', $line->supplier_order_id)?->connection?->name,
            ])->all(),
            'supplier_orders' => $order->supplierOrders->map(static fn (SupplierOrder $row): array => [
                'id' => $row->id,
                'supplier' => $row->connection?->name,
                'state' => $row->state->value,
                'reference' => $row->external_id,
                'refusal' => $row->refusal,
            ])->all(),
            'parcels' => $order->parcels->map(static fn (Parcel $parcel): int => $parcel->id)->all(),
        ];
    }

    /** @return array<string, mixed> */
    private static function parcel(Parcel $parcel): array
    {
        return [
            'id' => $parcel->id,
            'order' => $parcel->order_id,
            'number' => $parcel->number,
            'lines' => array_map(
                static fn (int $line, int $pieces): array => ['line' => $line, 'pieces' => $pieces],
                array_keys($parcel->pieces),
                array_values($parcel->pieces),
            ),
            'carrier' => $parcel->carrier,
            'tracking' => $parcel->tracking,
            'posted_at' => $parcel->posted_at->toIso8601ZuluString(),
            'promised_to' => $parcel->promised_to,
            'stands' => $parcel->stands?->value,
            'there_at' => $parcel->there_at?->toIso8601ZuluString(),
        ];
    }

    /** @return array<string, mixed> */
    private static function refund(Refund $refund): array
    {
        $order = $refund->order ?? throw new \LogicException('A refund is always of an order.');

        return [
            'id' => $refund->id,
            'order' => $refund->order_id,
            'total' => $order->money($refund->total_minor)->digits(),
            'tax' => $order->money($refund->tax_minor)->digits(),
            'currency' => $order->currency,
            'bears' => $refund->bears->value,
            'borne' => $order->homeMoney($refund->borne_minor)->digits(),
            'borne_currency' => $order->home_currency,
            'why' => $refund->why,
            'asked_at' => $refund->asked_at->toIso8601ZuluString(),
            'done_at' => $refund->done_at?->toIso8601ZuluString(),
        ];
    }
}
