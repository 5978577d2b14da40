<?php

declare(strict_types=1);

namespace WindowStall\Counter\Letters;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Counter\Mail\LetterCame;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Policies\Particulars;

/**
 * Keeps what a shopper wrote and mails it to who runs the stall. The same words sent twice are one letter, and no more
 * than so many a day are kept from all.
 */
final class TakeLetter
{
    /** Letters a stall takes a day; beyond, it is told to write by mail. */
    private const A_DAY = 200;

    /** The first of the two numbers of PostgreSQL's advisory lock; the second is the letter's. */
    private const ONE_AT_A_TIME = 5_406;

    /** @return Letter|null null where too many came today */
    public function __invoke(Stall $stall, string $name, string $email, string $number, string $words): ?Letter
    {
        $hash = hash('xxh128', mb_strtolower($email)."\n".$words);

        return DB::transaction(static function () use ($stall, $name, $email, $number, $words, $hash): ?Letter {
            // The same sent twice at once is looked at one after the other.
            DB::select('SELECT pg_advisory_xact_lock(?, hashtext(?))', [self::ONE_AT_A_TIME, $stall->id.$hash]);
            $today = Letter::of($stall)->where('created_at', '>', now()->subDay());
            $same = (clone $today)->where('hash', $hash)->first();
            if ($same !== null || $today->count() >= self::A_DAY) {
                return $same;
            }
            $letter = Letter::of($stall)->create([
                'order_id' => self::order($stall, $number, $email),
                'name' => $name,
                'email' => $email,
                'hash' => $hash,
                'language' => Speech::language(),
                'last_at' => now(),
            ]);
            self::add($letter, false, $words, null);
            // With the letter or not at all: whoever is killed in between leaves neither.
            foreach (self::readers($stall) as $address) {
                Mail::to($address)->queue(new LetterCame($letter->id, $stall->name, $name, $email, $words, route(
                    'counter.letter',
                    [$stall, $letter],
                )));
            }

            return $letter;
        });
    }

    /** The order that is meant; null where none of that number was placed with this address: nobody names another's. */
    private static function order(Stall $stall, string $number, string $email): ?int
    {
        $id = ctype_digit($number) && strlen($number) < 10
            ? Order::of($stall)
                ->where('number', (int) $number)
                ->where('whose', mb_strtolower($email))
                ->value('id')
            : null;

        return $id === null ? null : (int) $id;
    }

    /** @return list<string> */
    private static function readers(Stall $stall): array
    {
        $to = Particulars::of($stall)->email;

        return $to !== null ? [$to] : array_values($stall->users()->pluck('email')->map(strval(...))->all());
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
