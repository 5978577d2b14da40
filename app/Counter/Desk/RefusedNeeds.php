<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Refund\RefundAsked;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What suppliers won't send: from elsewhere, from them again, or the money back, each with what the order keeps then. */
final class RefusedNeeds
{
    /** For so many, the first, other sources are worked out at once. */
    private const WORKED = 3;

    /** @return Builder<SupplierOrder> */
    public static function rows(Stall $stall): Builder
    {
        return SupplierOrder::query()
            ->where('stall_id', $stall->id)
            // One that was taken back from its supplier needs another source just the same.
            ->whereIn('state', [SupplierOrderState::Refused, SupplierOrderState::Withdrawn])
            ->whereHas('order', static fn (Builder $q) => $q->where('state', OrderState::Paid))
            ->whereHas('lines', static fn (Builder $q) => $q->whereColumn('withdrawn', '<', 'quantity'))
            ->orderByDesc('id');
    }

    /** @return list<NeedView> */
    public static function of(Stall $stall, int $most): array
    {
        $rows = self::rows($stall)
            ->with(['connection', 'order.stall', 'order.lines', 'order.refunds', 'order.supplierOrders', 'lines'])
            ->limit($most)
            ->get();

        return array_values($rows->values()->map(
            static fn (SupplierOrder $row, int $n): NeedView => self::view($stall, $row, worked: $n < self::WORKED),
        )->all());
    }

    /** @param  bool  $worked  whether other sources are worked out; else its order's page does */
    public static function view(Stall $stall, SupplierOrder $row, bool $worked = true): NeedView
    {
        $order = $row->order ?? throw new \LogicException('A supplier order always has its order.');
        $order->setRelation('stall', $stall);
        $lines = $row->lines->filter(static fn (OrderLine $line): bool => $line->toSend() > 0);
        $promised = $lines->max('promised_to');

        return new NeedView(
            key: 'refused-'.$row->id,
            kind: 'refused',
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($lines),
            title: sprintf(
                $row->state === SupplierOrderState::Withdrawn ? '%s doesn’t send %s of %d any more.' : '%s can’t send %s of %d.',
                (string) $row->connection?->name,
                OrderGoods::words($lines),
                $order->number,
            ),
            about: sprintf(
                '%s %s paid %s%s.',
                rtrim((string) $row->refusal, '.').'.',
                OrderGoods::shopper($order),
                MoneyView::text($order->money($order->total_minor)),
                is_string($promised) ? '; it was promised for '.DayWords::near($stall, $promised) : '',
            ),
            ways: [
                ...($worked
                    ? Elsewhere::of($stall, $order, $row, array_values($lines->all()))
                    : [NeedWayView::plain('From elsewhere', 'what others have', 'See who has it', route('counter.order', [$stall, $order]))]),
                self::moneyBack($stall, $order, $row, array_values($lines->all())),
                ...self::again($stall, $order, $row, array_values($lines->all())),
            ],
        );
    }

    /** @param  list<OrderLine>  $lines */
    private static function moneyBack(Stall $stall, Order $order, SupplierOrder $row, array $lines): NeedWayView
    {
        $left = OrderRefundable::of($order);
        $pieces = [];
        foreach ($lines as $line) {
            $pieces[$line->id] = min($line->toSend(), $left->pieces[$line->id] ?? 0);
        }
        $all = array_sum($pieces) === array_sum($left->pieces);
        $asked = new RefundAsked($pieces, $all ? $left->delivery() : 0);
        $given = $left->give($asked);
        // What is never sent costs nothing.
        $after = OrderFigures::result($order, -$row->goods_minor, -$row->delivery_minor, $given);
        $text = MoneyView::text($order->money($given->total));

        return NeedWayView::keeping(
            kept: $after->kept,
            name: 'Give the money back',
            about: $all ? 'all of it; the payment fee isn’t given back' : 'for '.OrderGoods::words($lines),
            button: 'Give '.$text.' back',
            address: route('counter.refund', [$stall, $order]),
            data: [
                'key' => 'refused-'.$row->id,
                'pieces' => $pieces,
                'delivery' => $order->money($asked->delivery)->digits(),
            ],
        );
    }

    /**
     * @param  list<OrderLine>  $lines
     * @return list<NeedWayView> none where its supplier takes no orders
     */
    private static function again(Stall $stall, Order $order, SupplierOrder $row, array $lines): array
    {
        $to = [];
        foreach ($lines as $line) {
            $to[$line->id] = ['variant' => $line->supplier_variant_id, 'warehouse' => null];
        }

        return $row->connection?->takesOrders() !== true ? [] : [NeedWayView::keeping(
            kept: OrderFigures::result($order)->kept,
            name: 'Ask '.$row->connection->name.' once more',
            about: 'as a new order there, in case it has it again',
            button: 'Send it again',
            address: route('counter.move', [$stall, $order]),
            data: ['lines' => $to],
        )];
    }
}
