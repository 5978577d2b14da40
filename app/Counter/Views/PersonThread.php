<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

use Carbon\CarbonInterface;
use Illuminate\Support\Collection;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Letters\LetterLine;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\People\AboutPerson;
use WindowStall\Counter\People\PersonAddresses;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Counter\Returns\OrderReturn;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** All between a stall and a person in the order it happened: what they bought, wrote, sent back, and were answered. */
final class PersonThread
{
    /** @return list<ThreadLineView> the first first */
    public static function of(Stall $stall, string $email): array
    {
        $orders = AboutPerson::orders($stall, $email)->whereNotNull('paid_at');
        $lines = [...self::orders($stall, $orders), ...self::letters($stall, $email)];
        usort($lines, static fn (array $a, array $b): int => [$a[0]->getTimestamp(), $a[1]] <=> [$b[0]->getTimestamp(), $b[1]]);
        $clock = Clock::of($stall);

        return array_map(
            static fn (array $one): ThreadLineView => new ThreadLineView($one[1], $one[2], $one[3], $clock->moment($one[0]), $one[4]),
            $lines,
        );
    }

    /**
     * @param  Collection<int, Order>  $orders
     * @return list<array{CarbonInterface, string, 'order'|'back'|'return', string, string}>
     */
    private static function orders(Stall $stall, Collection $orders): array
    {
        $lines = [];
        foreach ($orders as $order) {
            $link = route('counter.order', [$stall, $order]);
            $goods = $order->lines->map(static fn (OrderLine $l): string => $l->quantity.' × '.$l->name())->implode('; ');
            $lines[] = [
                $order->paid_at ?? $order->created_at,
                'order-'.$order->id,
                'order',
                sprintf('Order %d: %s, %s', $order->number, $goods, MoneyView::text($order->money($order->total_minor))),
                $link,
            ];
            foreach ($order->returns as $return) {
                $lines[] = [$return->asked_at, 'return-'.$return->id, 'return', self::returned($order, $return), $link];
            }
            foreach ($order->refunds->where('credited', false) as $refund) {
                $lines[] = [$refund->asked_at, 'back-'.$refund->id, 'back', self::back($order, $refund), $link];
            }
        }

        return $lines;
    }

    private static function returned(Order $order, OrderReturn $return): string
    {
        return sprintf(
            'Asked to send back of %d: %s.%s %s.',
            $order->number,
            $return->reason->words(),
            $return->words === '' ? '' : ' “'.$return->words.'”',
            ucfirst($return->state->words()),
        );
    }

    private static function back(Order $order, Refund $refund): string
    {
        return sprintf(
            '%s of %d given back%s',
            MoneyView::text($order->money($refund->total_minor)),
            $order->number,
            $refund->why === '' ? '' : ': '.$refund->why,
        );
    }

    /** @return list<array{CarbonInterface, string, 'theirs'|'ours', string, string|null}> */
    private static function letters(Stall $stall, string $email): array
    {
        $lines = [];
        $letters = Letter::of($stall)->with('lines')
            ->whereIn('whose', PersonAddresses::of($stall, $email))
            ->get();
        foreach ($letters as $letter) {
            foreach ($letter->lines as $line) {
                $lines[] = [$line->said_at, self::key($line), $line->ours ? 'ours' : 'theirs', $line->words, route('counter.letter', [$stall, $letter])];
            }
        }

        return $lines;
    }

    private static function key(LetterLine $line): string
    {
        return sprintf('said-%012d', $line->id);
    }
}
