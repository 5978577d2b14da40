<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

use Illuminate\Http\Client\ConnectionException;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;

/**
 * Moves an order on and sends the signed news of it.
 *
 * Headers: Oakum-Event (id), Oakum-Time (Unix seconds), Oakum-Signature = hex HMAC-SHA256 (RFC 2104) of "time.body"
 * with the account's secret.
 */
final class News
{
    /** In the place of an order's number where an event is of an item. */
    private const NO_ORDER = 0;

    public static function accept(\stdClass $order): void
    {
        if ($order->state === 'received') {
            self::move($order, 'accepted', []);
        }
    }

    /** With all that goes along in its parcels; one that goes along is posted with what it goes along with. */
    public static function post(\stdClass $order): void
    {
        $root = $order->joins === null ? null : Books::table('orders')->where('id', $order->joins)->first();
        if ($root !== null && in_array($root->state, ['received', 'accepted'], true)) {
            self::post($root);

            return;
        }
        self::accept($order);
        self::send(self::posted($order, first: false));
        foreach (Joined::of($order) as $along) {
            self::post($along);
        }
    }

    /** Posts a part of it; the rest follows. */
    public static function postPart(\stdClass $order): void
    {
        self::accept($order);
        self::send(self::posted($order, first: true));
    }

    /** An order that was accepted is cancelled as long as nothing of it is posted; its pieces are on the shelf again. */
    public static function cancel(\stdClass $order): bool
    {
        if (! in_array($order->state, ['received', 'accepted'], true) || json_decode($order->parcels, true) !== []) {
            return false;
        }
        foreach (json_decode($order->lines, true) as $line) {
            Books::table('variants')->where('id', $line['variant'])->update([
                'stock' => Books::db()->raw(sprintf(
                    "jsonb_set(stock, '{%1\$s}', to_jsonb(COALESCE((stock->>'%1\$s')::int, 0) + %2\$d))",
                    $line['warehouse'],
                    $line['quantity'],
                )),
            ]);
        }
        Terms::giveBack($order);
        self::move($order, 'cancelled', []);

        return true;
    }

    private static function posted(\stdClass $order, bool $first): ?string
    {
        if (! in_array($order->state, ['received', 'accepted'], true)) {
            return null;
        }
        $parcels = Packing::pack($order, $first);
        Packing::handOver($order, $parcels);
        $whole = Packing::isWhole($order, $parcels);

        return self::note($order, $whole ? 'posted' : 'accepted', [
            'parcels' => json_encode($parcels, JSON_THROW_ON_ERROR),
            'carrier' => $parcels[0]['carrier'] ?? null,
            'tracking' => $parcels[0]['tracking'] ?? null,
        ], $whole ? 'order.posted' : 'order.parcel');
    }

    public static function refuse(\stdClass $order, string $reason): void
    {
        if (in_array($order->state, ['received', 'accepted'], true)) {
            Terms::giveBack($order);
            self::move($order, 'refused', ['reason' => $reason]);
        }
    }

    /** Tells every account that something about an item changed; what, each asks for itself. */
    public static function item(string $item): void
    {
        $id = (string) Str::uuid();
        $body = json_encode(['event' => $id, 'kind' => 'item.changed', 'item' => $item]);
        Books::table('events')->insert([
            'id' => $id,
            'order_id' => self::NO_ORDER,
            'kind' => 'item.changed',
            'body' => $body,
            'created_at' => now(),
        ]);
        self::send($id);
    }

    private static function send(?string $eventId): void
    {
        if ($eventId === null || Books::setting('hold_news', '0') === '1') {
            return;
        }
        self::sendAgain($eventId);
    }

    /** Sends an event once more, as suppliers do when they weren't sure it arrived. */
    public static function sendAgain(string $eventId): void
    {
        $event = Books::table('events')->where('id', $eventId)->first();
        if ($event === null) {
            return;
        }
        $key =
            $event->order_id === self::NO_ORDER
                ? null
                : Books::table('orders')->where('id', $event->order_id)->value('key');
        $accounts = Books::table('accounts')
            ->whereNotNull('hook_address')
            ->when($event->order_id !== self::NO_ORDER, fn ($q) => $q->where('key', $key));
        foreach ($accounts->get() as $account) {
            self::sendTo($account, $event);
        }
    }

    private static function sendTo(\stdClass $account, \stdClass $event): void
    {
        $time = (string) time();
        try {
            $answer = Http::timeout(4)
                ->connectTimeout(2)
                ->withHeaders([
                    'Oakum-Event' => $event->id,
                    'Oakum-Time' => $time,
                    'Oakum-Signature' => hash_hmac(
                        'sha256',
                        $time.'.'.$event->body,
                        (string) $account->hook_secret,
                    ),
                ])
                ->withBody($event->body, 'application/json')
                ->post($account->hook_address);
            Books::table('events')
                ->where('id', $event->id)
                ->update([
                    'delivered_at' => $answer->successful() ? now() : null,
                    'answer' => (string) $answer->status(),
                ]);
        } catch (ConnectionException) {
            Books::table('events')
                ->where('id', $event->id)
                ->update(['answer' => 'no answer']);
        }
    }

    /** @param  array<string, string>  $facts */
    private static function move(\stdClass $order, string $state, array $facts): void
    {
        self::send(self::note($order, $state, $facts, 'order.'.$state));
    }

    /**
     * @param  array<string, string|null>  $facts
     * @return string the event's id
     */
    private static function note(\stdClass $order, string $state, array $facts, string $kind): string
    {
        Books::table('orders')
            ->where('id', $order->id)
            ->update(['state' => $state, 'updated_at' => now()] + $facts);
        $fresh = Books::table('orders')->where('id', $order->id)->firstOrFail();
        $id = (string) Str::uuid();
        Books::table('events')->insert([
            'id' => $id,
            'order_id' => $order->id,
            'kind' => $kind,
            'body' => json_encode([
                'event' => $id,
                'kind' => $kind,
                'order' => ApiController::said($fresh),
            ]),
            'created_at' => now(),
        ]);

        return $id;
    }
}
