<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Cards\OrderCards;
use WindowStall\Counter\Doubt\LookTwice;
use WindowStall\Counter\Jobs\WeighTrial;
use WindowStall\Counter\Papers\WritePaper;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\Payment\PaymentState;
use WindowStall\Counter\Payment\PaymentTrouble;
use WindowStall\Counter\Payment\SaidPayment;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Sourcing\ShareOut;
use WindowStall\Counter\Sourcing\ToSuppliers;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Counter\Trying\TriedOrder;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;

/**
 * Brings an order from "waiting for payment" to "paid", once, whoever asks and however often.
 *
 * One at a time has an order in hand (a lease, not a lock). The pieces are taken aside by a short statement, the
 * payment service and the suppliers are asked with nothing locked, and what they said is written by updates that fit
 * only an order that still waits. Whoever breaks off anywhere leaves an order that the next one finishes: an approved
 * payment is captured or let go, a captured one becomes a paid order, and pieces whose time is over can be sold again.
 */
final readonly class TakePayment
{
    /** How long an order may be in one hand; longer than all that is asked outside may take. Seconds. */
    private const LEASE = 90;

    private const BOUGHT = <<<'SQL'
        SELECT listing_variant_id, sum(quantity) AS pieces
        FROM order_lines
        WHERE order_id = :order
        GROUP BY listing_variant_id
        SQL;

    private const BOUGHT_WHOLLY = <<<'SQL'
        DELETE FROM basket_lines AS line
        USING (%s) AS bought
        WHERE line.basket_id = :basket
          AND line.listing_variant_id = bought.listing_variant_id
          AND line.quantity <= bought.pieces
        SQL;

    private const BOUGHT_PARTLY = <<<'SQL'
        UPDATE basket_lines AS line
        SET quantity = line.quantity - bought.pieces
        FROM (%s) AS bought
        WHERE line.basket_id = :basket
          AND line.listing_variant_id = bought.listing_variant_id
        SQL;

    private const BACK = <<<'SQL'
        INSERT INTO basket_lines AS line (stall_id, basket_id, listing_variant_id, quantity)
        SELECT basket.stall_id, basket.id, bought.listing_variant_id, least(bought.pieces, :most::int)
        FROM (%s) AS bought
        JOIN baskets AS basket ON basket.id = :basket
        WHERE bought.listing_variant_id IS NOT NULL
        ON CONFLICT (basket_id, listing_variant_id) DO UPDATE SET quantity = least(:most::int, line.quantity + excluded.quantity)
        SQL;

    public function __construct(
        private PaymentService $payment,
        private Reservations $reservations,
        private LiveStock $live,
    ) {
    }

    /** @param  bool  $letGo  whether a payment that nobody approved is let go now */
    public function __invoke(Order $order, bool $letGo = false): Order
    {
        if (! $this->claim($order)) {
            return $order->refresh();
        }
        try {
            $this->settle($order->refresh()->load(['lines', 'stall']), $letGo);
        } catch (PaymentTrouble $trouble) {
            $this->waiting($order)->update(['payment_trouble' => $trouble->trouble]);
        } finally {
            Order::query()
                ->whereKey($order->id)
                ->update(['settling_until' => null, 'awaited_since' => null]);
        }

        return $order->refresh();
    }

    private function claim(Order $order): bool
    {
        return $this->waiting($order)
            ->whereNotNull('payment_id')
            ->where(fn ($q) => $q->whereNull('settling_until')->orWhere('settling_until', '<', now()))
            ->update(['settling_until' => now()->addSeconds(self::LEASE)]) === 1;
    }

    /** @return \Illuminate\Database\Eloquent\Builder<Order> the order, as long as it waits */
    private function waiting(Order $order): \Illuminate\Database\Eloquent\Builder
    {
        return Order::query()->whereKey($order->id)->where('state', OrderState::AwaitingPayment);
    }

    private function settle(Order $order, bool $letGo): void
    {
        $said = $this->payment->state($order);
        match ($said->state) {
            PaymentState::Open, PaymentState::Declined => $letGo
                ? $this->letGo($order)
                : $this->notYet($order, $said->state),
            PaymentState::Pending => $this->pending($order),
            PaymentState::Void, PaymentState::Refunded => $this->lapsed($order),
            PaymentState::Authorised => $this->take($order, $said),
            PaymentState::Captured => $this->captured($order, $said),
        };
    }

    private function notYet(Order $order, PaymentState $state): void
    {
        $this->reservations->release($order);
        $this->backInBasket($order);
        $this->waiting($order)->update([
            'pending_since' => null,
            'payment_trouble' => $state === PaymentState::Declined
                ? Trouble::declined(PayMethod::from($order->pay_method))
                : null,
        ]);
    }

    private function letGo(Order $order): void
    {
        $this->payment->void($order);
        $this->lapsed($order);
    }

    /**
     * The shopper has ordered a transfer: the pieces stay aside until the bank pays, and are in the basket no more. After
     * days without money it is let go.
     */
    private function pending(Order $order): void
    {
        if ($order->pending_since?->isBefore(now()->subMinutes(Reservations::WHILE_PENDING))) {
            $this->letGo($order);

            return;
        }
        try {
            $this->reservations->make($order, minutes: Reservations::WHILE_PENDING);
        } catch (SoldOut $out) {
            $this->soldOut($order, $out);

            return;
        }
        DB::transaction(function () use ($order): void {
            $first = $this->waiting($order)->whereNull('pending_since')->update([
                'pending_since' => now(),
                'payment_trouble' => null,
            ]);
            if ($first === 1) {
                $this->outOfBasket($order);
            }
        }, attempts: 3);
    }

    private function lapsed(Order $order): void
    {
        $this->reservations->release($order);
        $this->backInBasket($order);
        $this->waiting($order)->update(['state' => OrderState::PaymentLapsed]);
    }

    /**
     * An approved payment is captured when every line can still be had; otherwise it is let go and nothing is charged.
     */
    private function take(Order $order, SaidPayment $said): void
    {
        try {
            $this->reservations->make($order);
            $this->live->check($order);
        } catch (SoldOut $out) {
            $this->soldOut($order, $out);

            return;
        }
        if (! OrderCards::hold($order)) {
            $this->letGo($order);

            return;
        }
        $this->payment->capture($order);
        $this->paid($order, $said);
    }

    private function soldOut(Order $order, SoldOut $out): void
    {
        $this->reservations->release($order);
        $this->payment->void($order);
        $this->backInBasket($order);
        $this->waiting($order)->update([
            'state' => OrderState::SoldOut,
            'payment_trouble' => Trouble::SoldOut,
            'payment_trouble_name' => $out->name,
        ]);
    }

    /** Only what was bought leaves the basket: what was put in since the order was placed stays. */
    private function outOfBasket(Order $order): void
    {
        DB::delete(sprintf(self::BOUGHT_WHOLLY, self::BOUGHT), ['order' => $order->id, 'basket' => $order->basket_id]);
        DB::update(sprintf(self::BOUGHT_PARTLY, self::BOUGHT), ['order' => $order->id, 'basket' => $order->basket_id]);
    }

    /** Where the money of a transfer never came, its goods lie in the basket again. */
    private function backInBasket(Order $order): void
    {
        DB::transaction(function () use ($order): void {
            if ($this->waiting($order)->whereNotNull('pending_since')->update(['pending_since' => null]) === 1) {
                DB::insert(sprintf(self::BACK, self::BOUGHT), [
                    'order' => $order->id,
                    'basket' => $order->basket_id,
                    'most' => BasketLine::MOST_PIECES,
                ]);
            }
        }, attempts: 3);
    }

    private function captured(Order $order, SaidPayment $said): void
    {
        $this->reservations->make($order, whateverIsLeft: true);
        OrderCards::hold($order);
        $this->paid($order, $said);
    }

    private function paid(Order $order, SaidPayment $said): void
    {
        DB::transaction(fn () => $this->write($order, $said), attempts: 3);
    }

    private function write(Order $order, SaidPayment $said): void
    {
        // What was taken aside stays promised to the shopper from here on. Were it put back meanwhile, the order would go on
        // waiting, and whoever finds its payment captured takes the pieces aside again.
        $facts = ['state' => OrderState::Paid, 'paid_at' => now(), 'payment_trouble' => null, 'reserved_until' => null];
        if ($this->waiting($order)->whereNotNull('reserved_until')->update($facts) === 0) {
            return;
        }
        LookTwice::at($order, $said);
        ShareOut::paid($order);
        OrderCards::issue($order->load('lines.supplierVariant'));
        // As it was bought, before lines are cut for suppliers.
        WritePaper::invoice($order);
        ToSuppliers::of($order->load('lines'));
        if ($order->pending_since === null) {
            $this->outOfBasket($order);
        }
        TellShelves::of($order);
        if (TriedOrder::query()->whereKey($order->id)->exists()) {
            WeighTrial::dispatch($order->stall_id)->afterCommit();
        }
        TellShopper::of($order, TellKind::Thanks);
        if ($order->stall !== null) {
            Tell::of($order->stall, HookEvent::Paid, [
                'number' => $order->number,
                'total' => $order->money($order->total_minor)->digits(),
                'currency' => $order->currency,
            ]);
        }
    }
}
