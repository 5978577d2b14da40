<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\OrderRefundable;
use WindowStall\Counter\Returns\AnswerReturn;
use WindowStall\Counter\Returns\Instead;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Returns\ReturnAddress;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What shoppers ask to send back. */
final class ReturnNeeds
{
    /** @return Builder<OrderReturn> */
    public static function rows(Stall $stall): Builder
    {
        return OrderReturn::query()->where('stall_id', $stall->id)->where('state', ReturnState::Asked)->orderBy('id');
    }

    /** @return list<NeedView> */
    public static function of(Stall $stall, int $most): array
    {
        $rows = self::rows($stall)
            ->with(['order.lines.supplierOrder.connection', 'order.refunds', 'order.supplierOrders', 'order.parcels'])
            ->limit($most)
            ->get();

        return array_values($rows->map(static fn (OrderReturn $row): NeedView => self::view($stall, $row))->all());
    }

    public static function view(Stall $stall, OrderReturn $row): NeedView
    {
        $order = $row->order ?? throw new \LogicException('A return is always of an order.');
        $lines = $order->lines->filter(static fn (OrderLine $line): bool => isset($row->pieces[$line->id]));
        $there = $order->parcels->max('there_at');

        return new NeedView(
            key: 'return-'.$row->id,
            kind: 'return',
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($lines),
            title: sprintf('%s sends %s back: %s.', $order->name, self::goods($row, $lines), $row->reason->words()),
            about: implode('; ', array_filter([
                $order->number.($there === null ? '' : ', there '.$there->diffForHumans()),
                $row->words === '' ? '' : '“'.rtrim($row->words, '.').'”',
            ])).'.',
            ways: self::ways($stall, $order, $row),
        );
    }

    /** @param  iterable<OrderLine>  $lines */
    private static function goods(OrderReturn $row, iterable $lines): string
    {
        $said = [];
        foreach ($lines as $line) {
            $count = $row->pieces[$line->id];
            $said[] = match (true) {
                $count === 1 && $line->quantity === 1 => $line->name(),
                $count === $line->quantity => 'all '.$count.' of '.$line->name(),
                default => $count.' of '.$line->quantity.' '.$line->name(),
            };
        }

        return implode(' and ', $said);
    }

    /** @return list<NeedWayView> what they would like instead, sent at once; none where they want the money */
    private static function exchange(Stall $stall, Order $order, OrderReturn $row, string $address): array
    {
        $instead = Instead::of($order, $row);
        $cost = 0;
        $names = [];
        foreach ($instead as $line => $variant) {
            $cost += ($variant->selling()->landed_minor ?? 0) * $row->pieces[$line];
            $names[] = Instead::label($stall, $variant) ?: (string) $order->lines->firstWhere('id', $line)?->title;
        }
        $result = OrderFigures::result($order)->kept;

        return $names === [] ? [] : [NeedWayView::keeping(
            kept: $result->with($result->minor - $cost),
            name: 'Send '.implode(' and ', $names).' instead',
            about: 'as an order of its own; nothing has to come back, and what was paid pays for it',
            button: 'Send it instead',
            address: $address,
            data: ['state' => ReturnState::Exchanged->value],
        )];
    }

    /** @return list<NeedWayView> */
    public static function ways(Stall $stall, Order $order, OrderReturn $row): array
    {
        $given = OrderRefundable::of($order)->give(AnswerReturn::asked($order, $row));
        $back = MoneyView::text($order->money($given->total));
        $kept = OrderFigures::result($order, givenBack: $given)->kept;
        $to = ReturnAddress::of($stall, $order, $row);
        $address = route('counter.return', [$stall, $order, $row]);
        $agree = $to === '' ? NeedWayView::keeping(
            kept: $kept,
            name: 'Let it come back',
            about: $back.' when it is there; say first where it goes',
            button: 'Say where it goes',
            address: route('counter.order', [$stall, $order]).'#returns',
            data: null,
        ) : NeedWayView::keeping(
            kept: $kept,
            name: 'Let it come back',
            about: 'to '.$to,
            button: 'Agree, '.$back.' when it is there',
            address: $address,
            data: ['state' => ReturnState::Awaited->value, 'to' => $to],
        );

        return [
            ...self::exchange($stall, $order, $row, $address),
            $agree,
            NeedWayView::keeping(
                kept: $kept,
                name: 'Let it be kept',
                about: 'the money goes back now, nothing is posted',
                button: 'Give '.$back.' back now',
                address: $address,
                data: ['state' => ReturnState::Kept->value],
            ),
            NeedWayView::keeping(
                kept: OrderFigures::result($order)->kept,
                name: 'Don’t take it back',
                about: 'say why on the order’s page',
                button: 'To the order',
                address: route('counter.order', [$stall, $order]).'#returns',
                data: null,
            ),
        ];
    }
}
