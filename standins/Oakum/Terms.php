<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** What Oakum asks of every account: how much an order may hold, what can be laid in besides, and how it is paid. */
final class Terms
{
    /** Pieces that one order may have. */
    public const MOST_PIECES = 240;

    /** US cents for each order they go with. */
    public const EXTRAS = [
        'slip' => ['name' => 'your packing slip laid in', 'cost' => 15],
        'card' => ['name' => 'a card of yours laid in', 'cost' => 25],
        'wrap' => ['name' => 'packed in paper of yours', 'cost' => 60],
    ];

    /**
     * @param  list<string>  $codes
     *
     * @throws Refused
     */
    public static function cost(array $codes): int
    {
        $cost = 0;
        foreach (array_unique($codes) as $code) {
            $cost += self::EXTRAS[$code]['cost'] ?? throw new Refused(sprintf('There is nothing called “%s” to lay in.', $code));
        }

        return $cost;
    }

    /**
     * Takes what is due from the balance of an account that pays ahead.
     *
     * @throws Refused where it hasn't enough
     */
    public static function charge(string $key, int $cents): int
    {
        $account = Books::table('accounts')->where('key', $key)->lockForUpdate()->firstOrFail();
        if ($account->balance === null || $cents === 0) {
            return 0;
        }
        if ($account->balance < $cents) {
            throw new Refused(sprintf(
                'Your balance is $%s, and this comes to $%s. Pay something in.',
                number_format($account->balance / 100, 2),
                number_format($cents / 100, 2),
            ));
        }
        Books::table('accounts')->where('key', $key)->decrement('balance', $cents);

        return $cents;
    }

    public static function giveBack(\stdClass $order): void
    {
        Books::table('accounts')->where('key', $order->key)->whereNotNull('balance')->increment('balance', (int) $order->charged);
        foreach (json_decode($order->ahead, true) as $lot => $pieces) {
            Books::table('lots')->where('id', $lot)->increment('left', $pieces);
        }
        Books::table('orders')->where('id', $order->id)->update(['charged' => 0, 'ahead' => '[]']);
    }
}
