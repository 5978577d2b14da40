<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Core\Money\Money;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/**
 * What a supplier takes more for than was expected when it was sold: up to the stall's band it is followed in silence, and the books say
 * it; above that a person is asked as long as nothing is posted.
 */
final class DearerNeeds
{
    /** @return Builder<SupplierOrder> */
    public static function rows(Stall $stall): Builder
    {
        return SupplierOrder::query()
            ->where('stall_id', $stall->id)
            ->whereIn('state', [SupplierOrderState::Sent, SupplierOrderState::Accepted])
            ->where('cost_confirmed', true)
            ->where('expected_goods_minor', '>', 0)
            ->whereRaw(
                '(goods_minor + delivery_minor) * 10000 > (expected_goods_minor + expected_delivery_minor) * ?',
                [10_000 + $stall->dearer_bp],
            )
            ->whereHas('order', static fn (Builder $q) => $q->where('state', OrderState::Paid))
            ->orderByDesc('id');
    }

    /** @return list<NeedView> */
    public static function of(Stall $stall, int $most): array
    {
        $rows = self::rows($stall)
            ->with(['connection', 'order.refunds', 'order.supplierOrders', 'lines'])
            ->limit($most)
            ->get();

        return array_values($rows->map(static fn (SupplierOrder $row): NeedView => self::view($stall, $row))->all());
    }

    private static function view(Stall $stall, SupplierOrder $row): NeedView
    {
        $order = $row->order ?? throw new \LogicException('A supplier order always has its order.');
        $lines = $row->lines->filter(static fn (OrderLine $line): bool => $line->toSend() > 0);
        $name = (string) $row->connection?->name;
        $charged = $row->goods_minor + $row->delivery_minor;
        $more = $charged - (int) $row->expected_goods_minor - (int) $row->expected_delivery_minor;
        $result = OrderFigures::result($order);
        $says = static fn (Money $kept): string => ($kept->isNegative() ? 'loses ' : 'keeps ').MoneyView::of($kept)->absolute;

        return new NeedView(
            key: 'dearer-'.$row->id,
            kind: 'dearer',
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($lines),
            title: sprintf(
                '%s takes %s more for %s of %d than when it was sold.',
                $name,
                MoneyView::text($order->homeMoney($more)),
                OrderGoods::words($lines),
                $order->number,
            ),
            about: sprintf('It %s, where %s was expected. It isn’t posted yet.', $says($result->kept), MoneyView::text($result->expected->keep)),
            ways: [
                NeedWayView::plain(
                    name: 'Take it back from '.$name,
                    about: 'then it can come from elsewhere, or the money go back',
                    button: 'Ask '.$name.' to cancel',
                    address: route('counter.cancel', [$stall, $order]),
                    data: ['supplierOrder' => $row->id],
                ),
                NeedWayView::plain('Let it go', 'it leaves the desk once it is posted', 'To the order', route('counter.order', [$stall, $order])),
            ],
        );
    }
}
