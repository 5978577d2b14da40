<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\Trouble;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Ids;
use WindowStall\Support\Views\MoneyView;

/** Held and disputed payments, refunds that a payment service doesn't make, letters that wait. */
final class OtherNeeds
{
    /** A letter waits for an answer after so many hours. */
    private const LETTER = 20;

    /** Each by an index of its own: among very many orders these are few. */
    private const ORDERS = <<<'SQL'
        SELECT id FROM orders WHERE stall_id = :stall AND disputed_at IS NOT NULL AND state = 'paid'
        UNION
        SELECT id FROM orders WHERE stall_id = :stall AND held_at IS NOT NULL AND state = 'paid'
        UNION
        SELECT id FROM orders WHERE stall_id = :stall AND payment_trouble = 'refund_waits'
        UNION
        SELECT order_id FROM order_mails WHERE stall_id = :stall AND failed_at IS NOT NULL
        SQL;

    /** @return list<int> orders that are disputed or held, or whose money should be back */
    public static function orders(Stall $stall): array
    {
        return Ids::of(self::ORDERS, ['stall' => $stall->id]);
    }

    /** @return list<NeedView> */
    public static function of(Stall $stall, int $most): array
    {
        $orders = Order::query()
            ->with(['lines', 'parcels'])
            ->whereKey(self::orders($stall))
            ->orderByDesc('id')
            ->limit($most)
            ->get();

        return [
            ...array_values($orders->map(static fn (Order $order): NeedView => match (true) {
                $order->held_at !== null => self::held($stall, $order),
                $order->disputed_at !== null => self::disputed($stall, $order),
                $order->payment_trouble !== Trouble::RefundWaits => self::unmailed($stall, $order),
                default => self::refundWaits($stall, $order),
            })->all()),
            ...self::letters($stall),
        ];
    }

    private static function held(Stall $stall, Order $order): NeedView
    {
        return self::need($stall, $order, 'held', sprintf(
            'Order %d is held: %s.',
            $order->number,
            implode('; ', $order->doubts),
        ), sprintf(
            '%s paid %s. Nothing is sent until you say so; nothing is refused by itself.',
            OrderGoods::shopper($order),
            MoneyView::text($order->money($order->total_minor)),
        ), [
            NeedWayView::plain('It is all right', 'it goes to its suppliers now', 'Send it', route('counter.release', [$stall, $order]), []),
            NeedWayView::plain(
                'Give the money back',
                'nothing is sent',
                'Give '.MoneyView::text($order->money($order->total_minor)).' back',
                route('counter.refund', [$stall, $order]),
                ['key' => 'held-'.$order->id],
            ),
        ]);
    }

    private static function disputed(Stall $stall, Order $order): NeedView
    {
        $proof = $order->parcels->filter(static fn (Parcel $parcel): bool => $parcel->there_at !== null)
            ->map(static fn (Parcel $parcel): string => sprintf(
                '%s %s was there on %s',
                $parcel->carrier,
                (string) $parcel->tracking,
                $parcel->there_at === null ? '' : Clock::of($stall)->day($parcel->there_at),
            ));

        return self::need($stall, $order, 'disputed', sprintf(
            '%s has disputed the payment of %d at the bank.',
            $order->name,
            $order->number,
        ), $proof->isEmpty()
            ? 'No parcel of it is there yet, so there is no proof of delivery.'
            : 'Your proof for the payment service: '.$proof->implode('; ').'.', []);
    }

    private static function unmailed(Stall $stall, Order $order): NeedView
    {
        $failed = array_values(array_filter(TellShopper::told($order), static fn (array $one): bool => $one['trouble'] !== ''));

        return self::need($stall, $order, 'unmailed', sprintf(
            'Mail to %s about %d doesn’t arrive.',
            $order->name,
            $order->number,
        ), sprintf(
            'Nobody takes it at %s: %s. %s.',
            $order->email,
            rtrim($failed[0]['trouble'] ?? '', '.'),
            $order->phone === '' ? 'Their parcel goes on; they may not know' : 'Ring them at '.$order->phone,
        ), []);
    }

    private static function refundWaits(Stall $stall, Order $order): NeedView
    {
        return self::need(
            $stall,
            $order,
            'refund',
            sprintf('The money of %d isn’t back yet: the payment service doesn’t answer.', $order->number),
            'It is asked again by itself, and gives it back once.',
            [],
        );
    }

    /** @param  list<NeedWayView>  $ways */
    private static function need(Stall $stall, Order $order, string $kind, string $title, string $about, array $ways): NeedView
    {
        return new NeedView(
            key: $kind.'-'.$order->id,
            kind: $kind,
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($order->lines),
            title: $title,
            about: $about,
            ways: [...$ways, NeedWayView::plain('See all of it', '', 'To the order', route('counter.order', [$stall, $order]))],
        );
    }

    /** @return list<NeedView> one for all that wait */
    private static function letters(Stall $stall): array
    {
        $waiting = Letter::of($stall)->where('open', true)->where('last_at', '<', now()->subHours(self::LETTER));
        $first = (clone $waiting)->orderBy('last_at')->first();
        if ($first === null) {
            return [];
        }
        $count = $waiting->count();

        return [new NeedView(
            key: 'letters',
            kind: 'letter',
            order: 0,
            number: 0,
            picture: null,
            title: $count === 1
                ? sprintf('%s’s letter waits for an answer.', $first->name)
                : sprintf('%d letters wait for an answer, the first from %s.', $count, $first->name),
            about: 'Written '.$first->last_at->diffForHumans().'.',
            ways: [NeedWayView::plain('Answer it', '', 'Read it', route('counter.letter', [$stall, $first]))],
        )];
    }
}
