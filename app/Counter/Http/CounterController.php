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
use WindowStall\Counter\Order;
use WindowStall\Counter\RefundOrder;
use WindowStall\Counter\Views\OrderRowView;
use WindowStall\Counter\Views\OrderView;
use WindowStall\Stall\Stall;

final class CounterController
{
    public function index(Request $request, Stall $stall): Response
    {
        $page = $stall->orders()->with(['lines', 'supplierOrders'])->whereNotIn('state', [OrderState::AwaitingPayment, OrderState::PaymentLapsed])->orderByDesc('id')->cursorPaginate(40);

        return Inertia::render('counter/CounterPage', [
            'orders' => collect($page->items())->map(fn (Order $o): OrderRowView => OrderRowView::of($o))->all(),
            'unpaid' => $stall->orders()->where('state', OrderState::AwaitingPayment)->count(),
            'next' => $page->nextCursor()?->encode(),
            'previous' => $page->previousCursor()?->encode(),
            'shopUrl' => $stall->shopAddress('/'),
        ]);
    }

    public function show(Stall $stall, Order $order): Response
    {
        return Inertia::render('counter/OrderPage', ['order' => OrderView::of($stall, $order->load(['lines.supplierVariant', 'supplierOrders.connection', 'supplierOrders.lines.supplierVariant']))]);
    }

    public function refund(Stall $stall, Order $order, RefundOrder $refund): RedirectResponse
    {
        $refund($order);

        return back()->with('say', 'The shopper has the money back.');
    }

    /** Sends what the supplier refused once more, as a new attempt of the same order. */
    public function again(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        $row = $order->supplierOrders()->findOrFail($request->integer('supplierOrder'));
        if ($row->external_id === null && in_array($row->state, [SupplierOrderState::Refused, SupplierOrderState::ToSend], true)) {
            $row->update(['state' => SupplierOrderState::ToSend, 'refusal' => null, 'next_try_at' => null]);
            SendSupplierOrder::dispatch($row->id);

            return back()->with('say', 'It is being sent.');
        }

        return back()->with('say', 'The supplier has it already.');
    }
}
