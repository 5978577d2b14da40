<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;

/**
 * Moves an order on and sends the signed news of it.
 *
 * Headers: Tannet-Signature = "t=<Unix seconds>, v=<hex HMAC-SHA256 (RFC 2104) of 'seconds.body' with the account's secret>".
 */
final class News
{
    /** What may follow what. */
    private const FROM = [
        'printing' => ['received'],
        'posted' => ['received', 'printing'],
        'refused' => ['received', 'printing'],
        'cancelled' => ['received'],
    ];

    /** @param  array<string, string|null>  $facts */
    public static function move(\stdClass $order, string $state, array $facts = []): bool
    {
        $moved = Books::db()
            ->table('orders')
            ->where('id', $order->id)
            ->whereIn('state', self::FROM[$state] ?? [])
            ->update(['state' => $state, 'updated_at' => now()] + $facts);
        if ($moved === 1) {
            $fresh = Books::db()->table('orders')->where('id', $order->id)->firstOrFail();
            self::send($order->key, 'order', ['order' => OrderController::said($fresh)]);
        }

        return $moved === 1;
    }

    /** Tells every account that something about a blank changed; what, each asks for itself. */
    public static function blank(string $code): void
    {
        self::send(null, 'blank', ['blank' => $code]);
    }

    /**
     * @param  string|null  $key  null for all
     * @param  array<string, mixed>  $facts
     */
    private static function send(?string $key, string $kind, array $facts): void
    {
        $id = (string) Str::uuid();
        $body = json_encode(['event' => $id, 'kind' => $kind] + $facts, JSON_THROW_ON_ERROR);
        Books::db()->table('events')->insert(['id' => $id, 'key' => $key, 'kind' => $kind, 'body' => $body, 'created_at' => now()]);
        foreach (Books::db()->table('hooks')->when($key !== null, fn ($q) => $q->where('key', $key))->get() as $hook) {
            $time = (string) time();
            try {
                $answer = Http::timeout(4)
                    ->connectTimeout(2)
                    ->withHeaders(['Tannet-Signature' => sprintf('t=%s, v=%s', $time, hash_hmac('sha256', $time.'.'.$body, $hook->secret))])
                    ->withBody($body, 'application/json')
                    ->post($hook->address);
                $said = (string) $answer->status();
            } catch (ConnectionException) {
                $said = 'no answer';
            }
            Books::db()->table('events')->where('id', $id)->update(['answer' => $said]);
        }
    }
}
