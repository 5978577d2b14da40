<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Counter\Mail\LetterCame;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Window\Policies\Particulars;

/**
 * Keeps what a shopper wrote and mails it to who runs the stall. The same words sent twice are one letter, and no more
 * than so many a day are kept from all.
 */
final class TakeLetter
{
    /** Letters a stall takes a day; beyond, it is told to write by mail. */
    private const A_DAY = 200;

    /** @return Letter|null null where too many came today */
    public function __invoke(Stall $stall, string $name, string $email, string $number, string $words): ?Letter
    {
        $hash = hash('xxh128', mb_strtolower($email)."\n".$words);
        $today = Letter::of($stall)->where('created_at', '>', now()->subDay());
        $same = (clone $today)->where('hash', $hash)->first();
        if ($same !== null) {
            return $same;
        }
        if ($today->count() >= self::A_DAY) {
            return null;
        }
        $letter = DB::transaction(static function () use ($stall, $name, $email, $number, $words, $hash): Letter {
            $order = ctype_digit($number) && strlen($number) < 10
                ? Order::of($stall)->where('number', (int) $number)->value('id')
                : null;
            $letter = Letter::of($stall)->create([
                'order_id' => $order,
                'name' => $name,
                'email' => $email,
                'hash' => $hash,
                'last_at' => now(),
            ]);
            self::add($letter, false, $words, null);

            return $letter;
        });
        $to = Particulars::of($stall)->email;
        $people = $to !== null ? [$to] : $stall->users()->pluck('email')->map(strval(...))->all();
        foreach ($people as $address) {
            Mail::to($address)->queue(new LetterCame($letter->id, $stall->name, $name, $email, $words, route(
                'counter.letter',
                [$stall, $letter],
            )));
        }

        return $letter;
    }

    public static function add(Letter $letter, bool $ours, string $words, ?int $by): void
    {
        $letter->lines()->create([
            'stall_id' => $letter->stall_id,
            'ours' => $ours,
            'words' => $words,
            'user_id' => $by,
            'said_at' => now(),
        ]);
    }
}
