<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Order;
use WindowStall\Counter\RefundOrder;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\OrderRowView;
use WindowStall\Counter\Views\OrderView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Cursors;
use WindowStall\Support\Refusal;

final class CounterController
{
    public function index(Request $request, Stall $stall): Response
    {
        $page = Order::of($stall)
            ->with(['lines', 'supplierOrders'])
            // What isn't paid is no order yet, but where a bank has its money in hand.
            ->where(static fn ($q) => $q
                ->whereNotIn('state', [OrderState::AwaitingPayment, OrderState::PaymentLapsed])
                ->orWhereNotNull('pending_since'))
            ->orderByDesc('id')
            ->cursorPaginate(40, cursor: Cursors::byId($request));

        return Inertia::render('counter/CounterPage', [
            'orders' => collect($page->items())->map(fn (Order $o): OrderRowView => OrderRowView::of($o))->all(),
            'letters' => Letter::of($stall)->where('open', true)->count(),
            'unpaid' => Order::of($stall)->where('state', OrderState::AwaitingPayment)->whereNull('pending_since')->count(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
            'shopUrl' => $stall->open ? $stall->shopAddress('/') : route('window.shop', $stall),
        ]);
    }

    public function show(Stall $stall, Order $order): Response
    {
        return Inertia::render('counter/OrderPage', [
            'order' => OrderView::of(
                $stall,
                $order->load([
                    'lines.supplierVariant',
                    'supplierOrders.connection',
                    'supplierOrders.lines.supplierVariant',
                ]),
            ),
        ]);
    }

    public function refund(Stall $stall, Order $order, RefundOrder $refund): RedirectResponse
    {
        $refund($order);
        $back = $order->refresh()->state === OrderState::Refunded;

        return back()->with(
            'say',
            $back ? 'The shopper has the money back.' : 'Nothing is sent any more; the money is on its way back.',
        );
    }

    /** Sends what the supplier refused once more, as a new attempt of the same order. */
    public function again(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        $row = $order->supplierOrders()->findOrFail($request->integer('supplierOrder'));
        // One statement that only fits an order that is paid and a row that nobody sends: a stale page can't send what
        // was refunded.
        $set = SupplierOrder::query()
            ->whereKey($row->id)
            ->whereNull('external_id')
            ->whereIn('state', [SupplierOrderState::Refused, SupplierOrderState::ToSend])
            ->where(fn ($q) => $q->whereNull('sending_until')->orWhere('sending_until', '<', now()))
            ->whereHas('order', fn ($q) => $q->where('state', OrderState::Paid))
            ->update(['state' => SupplierOrderState::ToSend, 'refusal' => null, 'next_try_at' => null]);
        if ($set === 0) {
            throw new Refusal(
                $order->refresh()->state === OrderState::Paid
                    ? 'The supplier has it already, or is just being sent it.'
                    : 'This order was refunded; nothing of it is sent any more.',
            );
        }
        SendSupplierOrder::dispatch($row->id);

        return back()->with('say', 'It is being sent.');
    }
}
