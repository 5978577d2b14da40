<?php

declare(strict_types=1);

namespace WindowStall\Counter\Http;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Desk\Elsewhere;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\AskSupplier;
use WindowStall\Counter\Jobs\FollowParcel;
use WindowStall\Counter\Jobs\SendSupplierOrder;
use WindowStall\Counter\Order;
use WindowStall\Counter\Refunds\GiveBack;
use WindowStall\Counter\Refunds\RefundForm;
use WindowStall\Counter\Returns\AnswerReturn;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Counter\Sourcing\CancelThere;
use WindowStall\Counter\Sourcing\MoveLines;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Counter\Views\OrderView;
use WindowStall\Counter\Views\RefundTryView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Http\Typed;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\MoneyView;

/** What a person decides about an order at the counter. */
final class DecideController
{
    /** What a refund would come to, before it is made. */
    public function tryRefund(Request $request, Stall $stall, Order $order): JsonResponse
    {
        return new JsonResponse(RefundTryView::of($order->load(['lines', 'refunds', 'supplierOrders']), RefundForm::read($request, $order)));
    }

    public function refund(Request $request, Stall $stall, Order $order, GiveBack $give): RedirectResponse
    {
        $refund = $give($order, RefundForm::read($request, $order->load(['lines', 'refunds'])));
        $text = MoneyView::text($order->money($refund->total_minor));

        return back()->with('say', match (true) {
            $refund->refresh()->done_at === null => $text.' is on its way back.',
            $order->refresh()->state === OrderState::Refunded => 'The shopper has the money back.',
            default => 'The shopper has '.$text.' back.',
        });
    }

    /** From elsewhere, or from the same supplier anew. */
    public function move(Request $request, Stall $stall, Order $order, MoveLines $move): RedirectResponse
    {
        $to = [];
        foreach ((array) $request->input('lines', []) as $line => $one) {
            $variant = is_array($one) ? $one['variant'] ?? null : null;
            $warehouse = is_array($one) ? $one['warehouse'] ?? null : null;
            if (is_int($line) && (is_int($variant) || is_string($variant) && ctype_digit($variant)) && strlen((string) $variant) < 16) {
                $known = is_string($warehouse) && preg_match('/^[A-Z]{2}$/D', $warehouse) === 1;
                $to[$line] = ['variant' => (int) $variant, 'warehouse' => $known ? $warehouse : null];
            }
        }
        if ($to === []) {
            throw new Refusal('Say which goods come from where.');
        }
        $move($order, $to);

        return back()->with('say', 'It is being sent.');
    }

    /** Sends what never reached its supplier once more, as the same order. */
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

    public function cancel(Request $request, Stall $stall, Order $order, CancelThere $cancel): RedirectResponse
    {
        $row = $order->supplierOrders()->with('connection')->findOrFail($request->integer('supplierOrder'));
        $cancel($row);

        return back()->with('say', $row->connection?->name.' doesn’t send it. Say now where it comes from, or give the money back.');
    }

    /** Asks suppliers and carriers how it stands, now. */
    public function look(Stall $stall, Order $order): RedirectResponse
    {
        foreach ($order->supplierOrders as $row) {
            if ($row->state->open()) {
                AskSupplier::dispatch($row->id);
            }
        }
        foreach ($order->parcels()->whereNull('there_at')->whereNotNull('tracking')->get() as $parcel) {
            FollowParcel::dispatch($parcel->id);
        }

        return back()->with('say', 'They are being asked.');
    }

    /** Mails what didn't arrive once more, to the address that is right. */
    public function mail(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        $typed = $request->validate(['email' => 'required|email|max:190'], ['email.*' => 'Write a mail address.']);
        $order->update(['email' => $typed['email']]);
        $sent = TellShopper::again($order);

        return back()->with('say', $sent === 0 ? 'Mail goes there from now on.' : 'It is mailed again, to '.$typed['email'].'.');
    }

    /** From where else what isn't on its way could come, worked out when somebody asks. */
    public function sources(Stall $stall, Order $order): JsonResponse
    {
        return new JsonResponse(['moves' => Elsewhere::moves($stall, $order->load(OrderView::WITH))]);
    }

    public function late(Request $request, Stall $stall, Order $order): RedirectResponse
    {
        /** @var Parcel $parcel */
        $parcel = $order->parcels()->whereNull('there_at')->findOrFail($request->integer('parcel'));
        DB::transaction(static fn () => TellShopper::of($order, TellKind::Late, of: $parcel->id));

        return back()->with('say', $order->name.' is told by mail.');
    }

    /** Somebody has looked; it may go. */
    public function release(Stall $stall, Order $order): RedirectResponse
    {
        $released = Order::query()->whereKey($order->id)->whereNotNull('held_at')->where('state', OrderState::Paid)->update(['held_at' => null]);
        foreach ($released === 1 ? $order->supplierOrders : [] as $row) {
            SendSupplierOrder::dispatch($row->id);
        }

        return back()->with('say', 'It goes to its suppliers now.');
    }

    public function answerReturn(Request $request, Stall $stall, Order $order, OrderReturn $return, AnswerReturn $answer): RedirectResponse
    {
        $next = ReturnState::tryFrom(Typed::text($request, 'state'));
        $to = mb_substr(Typed::text($request, 'to'), 0, 400);
        if ($next === null || $next === ReturnState::Asked) {
            throw new Refusal('Say what becomes of it.');
        }
        if ($next === ReturnState::Awaited && $to === '') {
            throw new Refusal('Say where it is to be sent.');
        }
        $answer($return, $next, $to, mb_substr(Typed::text($request, 'answer'), 0, 1_000), $request->user()?->id);

        return back()->with('say', match ($next) {
            ReturnState::Awaited => 'The shopper is told where to send it.',
            ReturnState::Refused => 'The shopper is told that it isn’t taken back.',
            ReturnState::Exchanged => sprintf('Order %d goes out for it.', (int) $return->refresh()->exchange?->number),
            default => 'The money is on its way back.',
        });
    }
}
