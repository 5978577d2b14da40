<?php

declare(strict_types=1);

namespace WindowStall\Counter\Doubt;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Doubt\DoubtFacts;
use WindowStall\Core\Dispatch\Doubt\Doubts;
use WindowStall\Core\Dispatch\Doubt\DoubtSign;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\SaidPayment;

/** Holds a paid order that shows signs of not being meant well, until a person has looked: nothing of it is sent meanwhile. */
final class LookTwice
{
    private const USUAL = <<<'SQL'
        SELECT sum(line.quantity) AS pieces
        FROM (
            SELECT id
            FROM orders
            WHERE stall_id = :stall
              AND state = 'paid'
              AND id <> :order
            ORDER BY paid_at DESC
            LIMIT :most
        ) AS latest
        JOIN order_lines AS line ON line.order_id = latest.id
        GROUP BY latest.id
        SQL;

    private const MOST = 200;

    /** In the transaction that makes it paid, before anything of it is sent. */
    public static function at(Order $order, SaidPayment $said): void
    {
        // Who rehearses is known.
        $signs = $order->isRehearsed() ? [] : Doubts::of(self::facts($order, $said));
        if ($signs !== []) {
            $order->update([
                'held_at' => now(),
                'doubts' => array_map(static fn (DoubtSign $sign): string => self::words($sign, $order, $said), $signs),
            ]);
        }
    }

    private static function facts(Order $order, SaidPayment $said): DoubtFacts
    {
        $usual = DB::select(self::USUAL, ['stall' => $order->stall_id, 'order' => $order->id, 'most' => self::MOST]);

        return new DoubtFacts(
            cards: $said->declined,
            cardCountry: $said->cardCountry,
            country: $order->country,
            mailHost: mb_strtolower(ltrim((string) strrchr($order->email, '@'), '@')),
            pieces: (int) $order->lines->sum('quantity'),
            usual: array_map(static fn (\stdClass $row): int => (int) $row->pieces, array_values($usual)),
            known: Parcel::query()
                ->whereNotNull('there_at')
                ->whereHas('order', static fn ($q) => $q
                    ->where('stall_id', $order->stall_id)
                    ->where('whose', mb_strtolower($order->email)))
                ->exists(),
        );
    }

    private static function words(DoubtSign $sign, Order $order, SaidPayment $said): string
    {
        return match ($sign) {
            DoubtSign::ManyCards => sprintf('%d cards were tried that didn’t pay', $said->declined),
            DoubtSign::FarCard => sprintf(
                'the card is from %s, the parcel goes to %s',
                \Symfony\Component\Intl\Countries::getName((string) $said->cardCountry, 'en'),
                \Symfony\Component\Intl\Countries::getName($order->country, 'en'),
            ),
            DoubtSign::ThrowAwayMail => sprintf('%s is mail that nobody keeps', (string) strrchr($order->email, '@')),
            DoubtSign::ManyPieces => sprintf('%d pieces, many more than other orders have', (int) $order->lines->sum('quantity')),
        };
    }
}
