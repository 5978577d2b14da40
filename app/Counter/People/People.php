<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Counter\Desk\SoughtOrders;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * Who bought, made from orders: those with the same mail address are one person, and so are addresses that a seller has said are
 * the same. Who is on a page is found first, by few orders; then theirs alone are added up.
 */
final class People
{
    /** Orders looked at at a time; for who came last four times as many each time, until there are enough people among them. */
    private const FIRST = 500;

    private const SUMS = <<<'SQL'
        SELECT person.*, latest.name, latest.town
        FROM (
            SELECT COALESCE(joined.person, orders.whose) AS email, min(orders.id) AS id, max(orders.id) AS latest,
                   count(*) AS orders, min(orders.paid_at) AS first_at, max(orders.paid_at) AS last_at,
                   sum(round((orders.total_minor - COALESCE(back.minor, 0)) * orders.rate::numeric)) AS spent
            FROM orders
            LEFT JOIN people_joined AS joined ON joined.stall_id = orders.stall_id AND joined.email = orders.whose
            LEFT JOIN LATERAL (
                SELECT sum(total_minor) AS minor FROM refunds WHERE refunds.order_id = orders.id
            ) AS back ON TRUE
            WHERE orders.stall_id = :stall
              AND orders.paid_at IS NOT NULL
              AND orders.whose = ANY(:emails::text[])
            GROUP BY 1
        ) AS person
        JOIN orders AS latest ON latest.id = person.latest
        SQL;

    private const LATEST = <<<'SQL'
        SELECT COALESCE(joined.person, latest.whose) AS email, max(latest.paid_at) AS last_at, max(latest.id) AS last,
               sum(count(*)) OVER () AS looked_at
        FROM (
            SELECT id, whose, paid_at
            FROM orders
            WHERE stall_id = :stall
              AND paid_at IS NOT NULL
              AND email <> ''
              AND %s
            ORDER BY paid_at DESC, id DESC
            LIMIT :window
        ) AS latest
        LEFT JOIN people_joined AS joined ON joined.stall_id = :stall AND joined.email = latest.whose
        GROUP BY 1
        ORDER BY 2 DESC, 3 DESC
        LIMIT :most
        SQL;

    private const AFTER = <<<'SQL'
        SELECT id, whose AS email
        FROM orders
        WHERE stall_id = :stall
          AND id > :after
          AND paid_at IS NOT NULL
          AND email <> ''
        ORDER BY id
        LIMIT :window
        SQL;

    /** @return list<Person> by their numbers */
    public static function after(Stall $stall, int $after, int $most): array
    {
        $people = [];
        do {
            $found = DB::select(self::AFTER, ['stall' => $stall->id, 'after' => $after, 'window' => self::FIRST]);
            $last = $found === [] ? $after : (int) end($found)->id;
            foreach (self::sums($stall, array_values(array_unique(self::emails($found)))) as $one) {
                // Whose first order lies before isn't met here for the first time.
                if ($one->id > $after && $one->id <= $last) {
                    $people[] = $one;
                }
            }
            $after = $last;
        } while (count($people) < $most && count($found) === self::FIRST);
        usort($people, static fn (Person $a, Person $b): int => $a->id <=> $b->id);

        return array_slice($people, 0, $most);
    }

    /** @return list<Person> who came last first */
    public static function latest(Stall $stall, string $said, int $most): array
    {
        [$which, $with] = self::whose($said);
        for ($window = self::FIRST; ; $window *= 4) {
            $found = DB::select(
                sprintf(self::LATEST, $which),
                ['stall' => $stall->id, 'window' => $window, 'most' => $most] + $with,
            );
            if (count($found) >= $most || (int) ($found[0]->looked_at ?? 0) < $window) {
                break;
            }
        }
        $people = self::sums($stall, self::emails($found));
        usort($people, static fn (Person $a, Person $b): int => [$b->lastAt, $b->id] <=> [$a->lastAt, $a->id]);

        return $people;
    }

    /** @return array{literal-string, array<string, string>} which orders are looked at, as a condition and what is bound to it */
    private static function whose(string $said): array
    {
        if ($said === '') {
            return ['TRUE', []];
        }
        $few = SoughtOrders::few($said);

        return $few === null
            ? ['sought LIKE :like', ['like' => SoughtOrders::pattern($said)]]
            : ['id = ANY(:few::bigint[])', ['few' => PgArray::numbers($few)]];
    }

    public static function find(Stall $stall, string $email): ?Person
    {
        return self::sums($stall, [mb_strtolower($email)])[0] ?? null;
    }

    /**
     * @param  array<\stdClass>  $rows
     * @return list<string>
     */
    private static function emails(array $rows): array
    {
        return array_values(array_map(static fn (\stdClass $row): string => (string) $row->email, $rows));
    }

    /**
     * @param  list<string>  $emails  one of each
     * @return list<Person>
     */
    private static function sums(Stall $stall, array $emails): array
    {
        $joined = DB::table('people_joined')
            ->where('stall_id', $stall->id)
            ->where(static fn ($q) => $q->whereIn('email', $emails)->orWhereIn('person', $emails))
            ->get(['email', 'person']);
        $mains = $joined->pluck('person')->unique();
        $others = DB::table('people_joined')->where('stall_id', $stall->id)->whereIn('person', $mains)->pluck('email');
        $all = array_values(array_unique(array_map(strval(...), [...$emails, ...$mains, ...$others])));
        $rows = $all === [] ? [] : DB::select(self::SUMS, ['stall' => $stall->id, 'emails' => PgArray::texts($all)]);

        return array_map(static fn (\stdClass $row): Person => new Person(
            (int) $row->id,
            (string) $row->email,
            (string) $row->name,
            (string) $row->town,
            (int) $row->orders,
            (int) $row->spent,
            Carbon::parse((string) $row->first_at, 'UTC'),
            Carbon::parse((string) $row->last_at, 'UTC'),
        ), array_values($rows));
    }
}
