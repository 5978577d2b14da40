<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Refusal;

/** The mail addresses of one person, where a seller has said that several are the same. In small letters. */
final class PersonAddresses
{
    private const MOST = 20;

    /** Others who may be the same: the same name at the same postcode, or the same telephone number. */
    private const ALIKE = <<<'SQL'
        SELECT other.whose AS email, max(other.name) AS name, max(other.town) AS town
        FROM orders AS mine
        JOIN orders AS other ON other.stall_id = mine.stall_id
         AND other.paid_at IS NOT NULL
         AND other.email <> ''
         AND NOT other.whose = ANY(:theirs::text[])
         AND (
             (lower(other.name) = lower(mine.name) AND mine.postcode <> '' AND other.postcode = mine.postcode)
             OR (mine.phone <> '' AND other.phone = mine.phone)
         )
        WHERE mine.stall_id = :stall
          AND mine.paid_at IS NOT NULL
          AND mine.whose = ANY(:theirs::text[])
        GROUP BY other.whose
        ORDER BY 1
        LIMIT 5
        SQL;

    /** By which of them a person goes. */
    public static function main(Stall $stall, string $email): string
    {
        $email = mb_strtolower($email);
        $person = DB::table('people_joined')->where('stall_id', $stall->id)->where('email', $email)->value('person');

        return is_string($person) ? $person : $email;
    }

    /** @return non-empty-list<string> all of theirs, the one they go by first */
    public static function of(Stall $stall, string $email): array
    {
        $main = self::main($stall, $email);
        $others = DB::table('people_joined')->where('stall_id', $stall->id)->where('person', $main)->orderBy('email')->pluck('email');

        return [$main, ...array_values($others->map(strval(...))->all())];
    }

    /** For PostgreSQL's ANY. */
    public static function array(Stall $stall, string $email): string
    {
        return PgArray::texts(self::of($stall, $email));
    }

    /** @return list<array{email: string, name: string, town: string}> */
    public static function alike(Stall $stall, string $email): array
    {
        return array_values(array_map(static fn (\stdClass $row): array => [
            'email' => (string) $row->email,
            'name' => (string) $row->name,
            'town' => (string) $row->town,
        ], DB::select(self::ALIKE, ['stall' => $stall->id, 'theirs' => self::array($stall, $email)])));
    }

    /**
     * From now on two are one, who goes by the first.
     *
     * @throws Refusal when nobody has that address, or it is theirs already
     */
    public static function join(Stall $stall, string $email, string $other): void
    {
        $other = mb_strtolower(trim($other));
        DB::transaction(function () use ($stall, $email, $other): void {
            // Two joins at once, one after the other: none is left pointing at somebody who was joined meanwhile.
            DB::table('stalls')->where('id', $stall->id)->lockForUpdate()->value('id');
            $theirs = self::of($stall, $email);
            if (in_array($other, $theirs, true)) {
                throw new Refusal('That is them already.');
            }
            if (People::find($stall, $other) === null) {
                throw new Refusal('Nobody bought with that address.');
            }
            $joined = self::of($stall, $other);
            if (count($theirs) + count($joined) > self::MOST) {
                throw new Refusal(sprintf('Nobody has more than %d addresses.', self::MOST));
            }
            foreach ($joined as $one) {
                DB::table('people_joined')->updateOrInsert(
                    ['stall_id' => $stall->id, 'email' => $one],
                    ['person' => $theirs[0], 'joined_at' => now()],
                );
            }
        }, attempts: 3);
    }

    /** Somebody of their own again. */
    public static function part(Stall $stall, string $other): void
    {
        DB::table('people_joined')->where('stall_id', $stall->id)->where('email', mb_strtolower($other))->delete();
    }
}
