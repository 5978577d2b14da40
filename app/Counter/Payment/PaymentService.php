<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Support\Facades\URL;
use WindowStall\Core\Payment\PayMethod;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/** The payment of an order at its stall's payment service: opened here, approved by the shopper there, captured or let go here. */
final readonly class PaymentService
{
    /** Stands where a payment's number would, where gift cards paid all. */
    private const NOBODY = 'gift-cards';

    public function __construct(private PaymentConnector $connector)
    {
    }

    /**
     * Opens the order's payment, or finds the one it has.
     *
     * @param  int|null  $seconds  the most that the answer may take, while a shopper waits
     * @return string the address where the shopper pays
     *
     * @throws PaymentTrouble
     */
    public function open(Order $order, Stall $stall, ?int $seconds = null): string
    {
        if ($order->payable()->minor === 0) {
            return $this->byCardsAlone($order, $stall);
        }
        $connection = PaymentConnection::of($stall);
        $said = $this->connector->open($connection->access($order->pay_live)->within($seconds), new AskedPayment(
            amount: $order->payable(),
            reference: $order->token,
            method: PayMethod::from($order->pay_method),
            payee: $stall->name,
            returnTo: $stall->shopAddress('/orders/'.$order->token.'/paid'),
            notifyTo: URL::route('hooks.payment', $connection->public_id),
            secret: $connection->secret(),
            wallet: $order->wallet,
            again: self::earlier($order),
        ));
        // What is paid as an earlier order was needs no approving once more, where the service says so.
        $payAt = $said->state === PaymentState::Authorised
            ? $stall->shopAddress('/orders/'.$order->token.'/paid')
            : $said->payAt ?? throw PaymentTrouble::away();
        $order->update(['payment_id' => $said->id, 'pay_at' => $payAt, 'payment_trouble' => null]);

        return $payAt;
    }

    /** @throws PaymentTrouble */
    public function express(Stall $stall, int $seconds): ExpressAsked
    {
        $connection = PaymentConnection::of($stall);

        return $this->connector->express(
            $connection->access($connection->live)->within($seconds),
            $stall->shopAddress('/checkout/express'),
        );
    }

    /**
     * @return array<string, string>|null an address by field; null where nobody said one
     *
     * @throws PaymentTrouble
     */
    public function brought(Stall $stall, string $wallet, int $seconds): ?array
    {
        $connection = PaymentConnection::of($stall);

        return $this->connector->brought($connection->access($connection->live)->within($seconds), $wallet);
    }

    /** Where gift cards pay all of it, nobody else is asked. */
    private function byCardsAlone(Order $order, Stall $stall): string
    {
        $payAt = $stall->shopAddress('/orders/'.$order->token.'/paid');
        $order->update(['payment_id' => self::NOBODY, 'pay_at' => $payAt, 'payment_trouble' => null]);

        return $payAt;
    }

    /** @throws PaymentTrouble */
    public function state(Order $order): SaidPayment
    {
        return $order->payment_id === self::NOBODY
            ? new SaidPayment(self::NOBODY, PaymentState::Authorised, null, false)
            : $this->connector->state($this->access($order), (string) $order->payment_id);
    }

    /** Takes the money; asking twice takes it once. */
    public function capture(Order $order): void
    {
        $order->payment_id === self::NOBODY || $this->connector->capture($this->access($order), (string) $order->payment_id);
    }

    /**
     * Gives captured money back; asking twice with the same key gives it back once.
     *
     * @param  int  $minor  of the order's currency
     */
    public function refund(Order $order, string $key, int $minor): void
    {
        $payment = $order->exchange_of === null
            ? $order->payment_id
            : Order::query()->whereKey($order->exchange_of)->value('payment_id');
        $this->connector->refund($this->access($order), is_string($payment) ? $payment : '', $key, $minor);
    }

    /** Lets an authorised payment go uncharged. */
    public function void(Order $order): void
    {
        $order->payment_id === self::NOBODY || $this->connector->void($this->access($order), (string) $order->payment_id);
    }

    /** The payment of the order that this one goes along with. */
    private static function earlier(Order $order): string
    {
        $joins = $order->joins_order_id;
        $payment = $joins === null ? null : Order::query()->whereKey($joins)->value('payment_id');

        return is_string($payment) ? $payment : '';
    }

    private function access(Order $order): PaymentAccess
    {
        $stall = $order->stall ?? throw new \LogicException('An order is always of a stall.');

        return PaymentConnection::of($stall)->access($order->pay_live);
    }
}
