<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/**
 * Speaks with the payment service: a payment is opened, the shopper approves it there, and it is captured or let go
 * from here.
 */
final class PaymentService
{
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
        $said = $this->ask(
            fn (PendingRequest $http): Response => $http->post('/v1/payments', [
                'amount' => $order->total_minor,
                'currency' => $order->currency,
                'reference' => $order->token,
                'payee' => $stall->name,
                'return_to' => $stall->shopAddress('/orders/'.$order->token.'/paid'),
            ]),
            $seconds,
        );
        $payAt = is_string($said['pay_at'] ?? null) ? $said['pay_at'] : throw PaymentTrouble::away();
        $order->update(['payment_id' => $said['id'], 'pay_at' => $payAt, 'payment_trouble' => null]);

        return $payAt;
    }

    /** @throws PaymentTrouble */
    public function state(string $paymentId): PaymentState
    {
        return PaymentState::tryFrom(
            (string) $this->ask(
                fn (PendingRequest $http): Response => $http->get('/v1/payments/'.rawurlencode($paymentId)),
            )['state'],
        ) ?? throw PaymentTrouble::away();
    }

    /** Takes the money; asking twice takes it once. */
    public function capture(string $paymentId): void
    {
        $this->ask(
            fn (PendingRequest $http): Response => $http->post('/v1/payments/'.rawurlencode($paymentId).'/capture'),
        );
    }

    /** Gives captured money back; asking twice gives it back once. */
    public function refund(string $paymentId): void
    {
        $this->ask(
            fn (PendingRequest $http): Response => $http->post('/v1/payments/'.rawurlencode($paymentId).'/refund'),
        );
    }

    /** Lets an authorised payment go uncharged. */
    public function void(string $paymentId): void
    {
        $this->ask(
            fn (PendingRequest $http): Response => $http->post('/v1/payments/'.rawurlencode($paymentId).'/void'),
        );
    }

    /**
     * @param  callable(PendingRequest): Response  $call
     * @param  int|null  $seconds  where that is less than it usually may take
     * @return array{id: string, state: string, pay_at?: mixed}
     */
    private function ask(callable $call, ?int $seconds = null): array
    {
        try {
            $patience = min($seconds ?? PHP_INT_MAX, (int) config('stall.payment.seconds'));
            $response = $call(
                Outside::at((string) config('stall.payment.address'), $patience)
                    ->withToken((string) config('stall.payment.key'))
                    ->acceptJson(),
            );
        } catch (Refusal|Unreachable|TooLarge) {
            throw PaymentTrouble::away();
        } catch (ConnectionException $e) {
            throw str_contains($e->getMessage(), 'error 28') ? PaymentTrouble::slow() : PaymentTrouble::away();
        }
        $said = $response->json();
        if (
            ! $response->successful() ||
            ! is_array($said) ||
            ! is_string($said['id'] ?? null) ||
            ! is_string($said['state'] ?? null)
        ) {
            throw PaymentTrouble::away();
        }

        return $said;
    }
}
