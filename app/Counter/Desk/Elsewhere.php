<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Core\Dispatch\Sourcing\Allocation;
use WindowStall\Core\Dispatch\Sourcing\Sharing;
use WindowStall\Core\Dispatch\Sourcing\Source;
use WindowStall\Core\Dispatch\Sourcing\SourcedLine;
use WindowStall\Core\Dispatch\Sourcing\SourcingPreference;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Expecting;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Sourcing\OrderSources;
use WindowStall\Counter\Sourcing\SharingRule;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** From where else lines of an order could come, each with what the order keeps then and when it is there. */
final class Elsewhere
{
    /**
     * What still waits to be sent, line by line and all together.
     *
     * @param  Order  $order  {@see \WindowStall\Counter\Views\OrderView::WITH}
     * @return list<array{supplierOrder: int, goods: string, ways: list<NeedWayView>}>
     */
    public static function moves(Stall $stall, Order $order): array
    {
        $moves = [];
        $order->setRelation('stall', $stall);
        foreach ($order->supplierOrders as $row) {
            $lines = array_values($order->lines
                ->filter(static fn (OrderLine $line): bool => $line->supplier_order_id === $row->id && $line->toSend() > 0)
                ->all());
            if ($lines === [] || $row->state !== SupplierOrderState::ToSend || $row->unsure || $row->sending_until?->isFuture()) {
                continue;
            }
            $groups = count($lines) > 1 ? [$lines, ...array_map(static fn (OrderLine $one): array => [$one], $lines)] : [$lines];
            foreach ($groups as $some) {
                $ways = self::of($stall, $order, $row, $some);
                if ($ways !== []) {
                    $moves[] = ['supplierOrder' => $row->id, 'goods' => OrderGoods::words($some), 'ways' => $ways];
                }
            }
        }

        return $moves;
    }

    /**
     * From others that have it: the best by the stall's own rule, and the quickest where that is another.
     *
     * @param  list<OrderLine>  $lines  of that supplier's order
     * @return list<NeedWayView>
     */
    public static function of(Stall $stall, Order $order, SupplierOrder $row, array $lines): array
    {
        $others = array_map(static fn (SourcedLine $line): SourcedLine => new SourcedLine(
            $line->id,
            $line->pieces,
            $line->promised,
            array_values(array_filter($line->sources, static fn (Source $s): bool => $s->supplier !== $row->connection_id)),
        ), OrderSources::of($order, $lines));
        $rule = SharingRule::of($stall);
        $shared = Sharing::of($others, [...$rule->preferences, SourcingPreference::Cheapest], $stall->handling_minor, $rule->suppliers);
        if ($shared->best === null) {
            return [];
        }
        $quickest = $shared->runnersUp[SourcingPreference::Quickest->value] ?? null;
        $found = array_filter([$shared->best, $quickest?->by < $shared->best->by ? $quickest : null]);
        $instead = self::replaced($order, $row, $lines);

        return array_values(array_map(
            static fn (Allocation $one): NeedWayView => self::from($stall, $order, $lines, $one, $instead),
            $found,
        ));
    }

    /**
     * What its supplier would have taken for them: all of its order, or what it would be less without them.
     *
     * @param  list<OrderLine>  $lines
     * @return array{int, int} goods and delivery, in minor units of the stall's currency
     */
    private static function replaced(Order $order, SupplierOrder $row, array $lines): array
    {
        $rest = $order->lines->filter(static fn (OrderLine $line): bool => $line->supplier_order_id === $row->id
            && $line->toSend() > 0
            && ! in_array($line->id, array_column($lines, 'id'), true));
        if ($rest->isEmpty()) {
            return [$row->goods_minor, $row->delivery_minor];
        }
        $left = Expecting::order((clone $order)->setRelation('lines', new Collection($rest->values()->all())))[$row->connection_id] ?? null;

        return [
            $row->goods_minor - ($left->goods->minor ?? 0),
            $row->delivery_minor - ($left->delivery->minor ?? 0),
        ];
    }

    /**
     * @param  list<OrderLine>  $lines
     * @param  array{int, int}  $instead  of which goods and delivery
     */
    private static function from(Stall $stall, Order $order, array $lines, Allocation $to, array $instead): NeedWayView
    {
        $names = SupplierConnection::of($stall)
            ->whereKey(array_map(static fn (Source $source): int => $source->supplier, $to->sources))
            ->orderBy('id')
            ->pluck('name')
            ->all();
        $name = implode(' and ', array_map(strval(...), $names));
        $before = OrderFigures::result($order);
        $after = OrderFigures::result($order, $to->goods - $instead[0], $to->delivery - $instead[1]);
        $more = $before->kept->minor - $after->kept->minor;
        $promised = collect($lines)->max('promised_to');

        return NeedWayView::keeping(
            kept: $after->kept,
            name: 'From '.$name.' instead',
            about: implode('; ', array_filter([
                $more === 0 ? '' : MoneyView::text($order->homeMoney(abs($more))).($more > 0 ? ' less' : ' more'),
                trim(DayWords::near($stall, $to->by).', '.DayWords::against(is_string($promised) ? $promised : null, $to->by), ', '),
            ])),
            button: 'Send it from '.$name,
            address: route('counter.move', [$stall, $order]),
            data: ['lines' => array_map(
                static fn (Source $source): array => ['variant' => $source->variant, 'warehouse' => $source->warehouse],
                $to->sources,
            )],
        );
    }
}
