<?php

declare(strict_types=1);

namespace WindowStall\Counter\Payment;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Http\Client\PendingRequest;
use Illuminate\Http\Client\Response;
use Illuminate\Http\Request;
use WindowStall\Support\Outbound\Outside;
use WindowStall\Support\Outbound\TooLarge;
use WindowStall\Support\Outbound\Unreachable;
use WindowStall\Support\Refusal;

/** The payment service that ships with the program: a shopper approves a payment on its own page, with test cards. */
final class DemoPayments implements ApprovesTrials, PaymentConnector
{
    /** News older than this is no news, seconds. */
    private const NEWS_AGE = 300;

    public function isLive(PaymentAccess $access): bool
    {
        $answer = $this->send($access, static fn (PendingRequest $http): Response => $http->get('/v1/key'));

        return match (true) {
            $answer->status() === 401 => throw new Refusal('The payment service doesn’t know this key.'),
            ! $answer->successful() => throw PaymentTrouble::away(),
            default => $answer->json('mode') === 'live',
        };
    }

    public function open(PaymentAccess $access, AskedPayment $asked): SaidPayment
    {
        return $this->ask($access, static fn (PendingRequest $http): Response => $http->post('/v1/payments', [
            'amount' => $asked->amount->minor,
            'currency' => $asked->amount->currency->code,
            'reference' => $asked->reference,
            'method' => $asked->method->value,
            'payee' => $asked->payee,
            'return_to' => $asked->returnTo,
            'notify_to' => $asked->notifyTo,
            'notify_secret' => $asked->secret,
            'wallet' => $asked->wallet === '' ? null : $asked->wallet,
            'again' => $asked->again === '' ? null : $asked->again,
        ]));
    }

    public function express(PaymentAccess $access, string $returnTo): ExpressAsked
    {
        $answer = $this->send($access, static fn (PendingRequest $http): Response => $http->post('/v1/wallets', [
            'return_to' => $returnTo,
        ]));
        [$id, $openAt] = [$answer->json('id'), $answer->json('open_at')];
        if (! $answer->successful() || ! is_string($id) || ! is_string($openAt)) {
            throw PaymentTrouble::away();
        }

        return new ExpressAsked($id, $openAt);
    }

    public function brought(PaymentAccess $access, string $id): ?array
    {
        $answer = $this->send($access, static fn (PendingRequest $http): Response => $http->get('/v1/wallets/'.rawurlencode($id)));
        $said = $answer->status() === 404 ? null : $answer->json('address');
        if (! $answer->successful() && $answer->status() !== 404) {
            throw PaymentTrouble::away();
        }

        return is_array($said) ? array_map(
            static fn (mixed $one): string => is_string($one) ? mb_substr($one, 0, 200) : '',
            array_intersect_key($said, array_flip(['name', 'email', 'street', 'town', 'postcode', 'country', 'phone'])),
        ) : null;
    }

    public function state(PaymentAccess $access, string $id): SaidPayment
    {
        return $this->ask($access, static fn (PendingRequest $http): Response => $http->get('/v1/payments/'.rawurlencode($id)));
    }

    public function capture(PaymentAccess $access, string $id, ?int $minor = null): void
    {
        $this->tell($access, $id, 'capture', ['amount' => $minor]);
    }

    public function refund(PaymentAccess $access, string $id, string $key, ?int $minor = null): void
    {
        $this->tell($access, $id, 'refund', ['key' => $key, 'amount' => $minor]);
    }

    public function void(PaymentAccess $access, string $id): void
    {
        $this->tell($access, $id, 'void', []);
    }

    public function approve(PaymentAccess $access, string $id): void
    {
        $this->tell($access, $id, 'approve', []);
    }

    public function news(Request $request, #[\SensitiveParameter] string $secret): ?PaymentNews
    {
        $time = (string) $request->header('Payment-Time');
        $right = hash_hmac('sha256', $time.'.'.$request->getContent(), $secret);
        $said = json_decode($request->getContent(), true);
        $reference = is_array($said) ? $said['reference'] ?? null : null;

        return ctype_digit($time)
            && abs(time() - (int) $time) <= self::NEWS_AGE
            && hash_equals($right, (string) $request->header('Payment-Signature'))
            && is_string($reference)
                ? new PaymentNews($reference)
                : null;
    }

    /** @param  array<string, mixed>  $what */
    private function tell(PaymentAccess $access, string $id, string $do, array $what): void
    {
        $this->ask($access, static fn (PendingRequest $http): Response => $http->post(
            '/v1/payments/'.rawurlencode($id).'/'.$do,
            array_filter($what, static fn (mixed $said): bool => $said !== null),
        ));
    }

    /** @param  callable(PendingRequest): Response  $call */
    private function ask(PaymentAccess $access, callable $call): SaidPayment
    {
        $answer = $this->send($access, $call);
        $said = $answer->json();
        $state = is_array($said) ? PaymentState::tryFrom(is_string($said['state'] ?? null) ? $said['state'] : '') : null;
        if (! $answer->successful() || ! is_array($said) || $state === null || ! is_string($said['id'] ?? null)) {
            throw PaymentTrouble::away();
        }

        return new SaidPayment(
            $said['id'],
            $state,
            is_string($said['pay_at'] ?? null) ? $said['pay_at'] : null,
            ($said['disputed'] ?? false) === true,
            is_int($said['declined'] ?? null) ? $said['declined'] : 0,
            is_string($said['card_country'] ?? null) && preg_match('/^[A-Z]{2}$/D', $said['card_country']) === 1
                ? $said['card_country']
                : null,
        );
    }

    /** @param  callable(PendingRequest): Response  $call */
    private function send(PaymentAccess $access, callable $call): Response
    {
        try {
            return $call(Outside::at($access->address, $access->seconds)->withToken($access->key)->acceptJson());
        } catch (Refusal|Unreachable|TooLarge) {
            throw PaymentTrouble::away();
        } catch (ConnectionException $e) {
            throw str_contains($e->getMessage(), 'error 28') ? PaymentTrouble::slow() : PaymentTrouble::away();
        }
    }
}
