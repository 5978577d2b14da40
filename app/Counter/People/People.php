<?php

declare(strict_types=1);

namespace WindowStall\Counter\People;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** Who bought at a stall, made from its orders. */
final class People
{
    private const FROM_ORDERS = <<<'SQL'
        SELECT person.*,
               (SELECT name FROM orders WHERE id = person.latest) AS name,
               (SELECT town FROM orders WHERE id = person.latest) AS town
        FROM (
            SELECT min(orders.id) AS id, max(orders.id) AS latest, lower(orders.email) AS email, count(*) AS orders,
                   min(orders.paid_at) AS first_at, max(orders.paid_at) AS last_at,
                   sum(round((orders.total_minor - COALESCE(back.minor, 0)) * orders.rate::numeric)) AS spent
            FROM orders
            LEFT JOIN LATERAL (
                SELECT sum(total_minor) AS minor FROM refunds WHERE refunds.order_id = orders.id
            ) AS back ON TRUE
            WHERE orders.stall_id = :stall
              AND orders.paid_at IS NOT NULL
              AND orders.email <> ''
              AND (CAST(:email AS text) IS NULL OR lower(orders.email) = :email)
            GROUP BY lower(orders.email)
        ) AS person
        WHERE person.id > :after
          AND (CAST(:like AS text) IS NULL OR person.email LIKE :like OR EXISTS (
              SELECT 1 FROM orders WHERE id = person.latest AND lower(name) LIKE :like
          ))
        ORDER BY %s
        LIMIT :most
        SQL;

    /** @return list<Person> by their numbers */
    public static function after(Stall $stall, int $after, int $most): array
    {
        return self::ask($stall, 'person.id', $most, after: $after);
    }

    /** @return list<Person> who came last first */
    public static function latest(Stall $stall, string $said, int $most): array
    {
        $like = $said === '' ? null : '%'.addcslashes(mb_strtolower($said), '%_\\').'%';

        return self::ask($stall, 'person.last_at DESC, person.id DESC', $most, like: $like);
    }

    public static function find(Stall $stall, string $email): ?Person
    {
        return self::ask($stall, 'person.id', 1, email: mb_strtolower($email))[0] ?? null;
    }

    /** @return list<Person> */
    private static function ask(
        Stall $stall,
        string $order,
        int $most,
        int $after = 0,
        ?string $like = null,
        ?string $email = null,
    ): array {
        $rows = DB::select(sprintf(self::FROM_ORDERS, $order), [
            'stall' => $stall->id,
            'after' => $after,
            'most' => $most,
            'like' => $like,
            'email' => $email,
        ]);

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
