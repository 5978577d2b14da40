<?php

declare(strict_types=1);

namespace WindowStall\Counter\Owed;

use Illuminate\Support\Carbon;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Owed\BalanceOutlook;
use WindowStall\Core\Money\Money;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/**
 * What is owed to suppliers: what was paid ahead and how long it lasts, or which bills are open. In the stall's currency, by what
 * suppliers charged for orders and, for what waits, by what is expected.
 */
final class SupplierAccounts
{
    /** Days that are looked back at. */
    private const DAYS = 28;

    /** Seconds for which what days took is kept. */
    private const KEPT = 600;

    private const WAITING = <<<'SQL'
        SELECT COALESCE(sum(goods_minor + delivery_minor + extras_minor), 0) AS minor
        FROM supplier_orders
        WHERE connection_id = :connection
          AND state = 'to_send'
        SQL;

    /** Taken off the balance after the supplier said it last. */
    private const SINCE = <<<'SQL'
        SELECT COALESCE(sum(goods_minor + delivery_minor + extras_minor), 0) AS minor
        FROM supplier_orders
        WHERE connection_id = :connection
          AND state IN ('sent', 'accepted', 'posted')
          AND sent_at >= :at
        SQL;

    private const BY_DAY = <<<'SQL'
        SELECT (sent_at AT TIME ZONE 'UTC' AT TIME ZONE :zone::text)::date AS day,
               sum(goods_minor + delivery_minor + extras_minor) AS minor
        FROM supplier_orders
        WHERE connection_id = :connection
          AND state IN ('sent', 'accepted', 'posted')
          AND sent_at > :from
        GROUP BY 1
        SQL;

    private const OPEN = <<<'SQL'
        SELECT count(*) AS orders,
               COALESCE(sum(goods_minor + delivery_minor + extras_minor), 0) AS minor,
               min(sent_at) AS oldest
        FROM supplier_orders
        WHERE connection_id = :connection
          AND state IN ('sent', 'accepted', 'posted')
          AND settled_at IS NULL
          AND sent_at IS NOT NULL
        SQL;

    /** What is left with a supplier that is paid ahead; null with others, or where it hasn't said yet. */
    public static function left(Stall $stall, SupplierConnection $connection): ?Money
    {
        if ($connection->pays !== 'ahead' || $connection->balance_minor === null) {
            return null;
        }
        $said = $stall->rateFrom((string) $connection->balance_currency)
            ->convert(Money::of($connection->balance_minor, (string) $connection->balance_currency));
        $since = DB::selectOne(self::SINCE, ['connection' => $connection->id, 'at' => $connection->balance_at]);

        return $said->minus($stall->money((int) $since?->minor));
    }

    /** How long that lasts. */
    public static function outlook(Stall $stall, SupplierConnection $connection): ?BalanceOutlook
    {
        $left = self::left($stall, $connection);

        return $left === null ? null : BalanceOutlook::of(
            $left,
            $stall->money((int) DB::selectOne(self::WAITING, ['connection' => $connection->id])?->minor),
            self::byDay($stall, $connection),
            $connection->warn_days,
        );
    }

    /**
     * What each of the last days took, today left out, since the first order.
     *
     * @return non-empty-list<int>
     */
    private static function byDay(Stall $stall, SupplierConnection $connection): array
    {
        $clock = Clock::of($stall);
        $today = $clock->local(now())->startOfDay();
        // Days that are over change hardly; the desk asks at every look.
        $kept = sprintf('owed by day %d %s %s', $connection->id, $today->format('Y-m-d'), $connection->balance_at);
        $rows = collect(Cache::remember($kept, self::KEPT, static fn (): array => array_column(DB::select(self::BY_DAY, [
            'connection' => $connection->id,
            'zone' => $stall->zone,
            'from' => $today->copy()->subDays(self::DAYS)->utc(),
        ]), 'minor', 'day')));
        $first = $rows->keys()->min();
        $days = [];
        for ($n = self::DAYS; $n > 0; $n--) {
            $day = $today->copy()->subDays($n)->format('Y-m-d');
            if (is_string($first) && $day >= $first) {
                $days[] = (int) $rows->get($day, 0);
            }
        }

        return $days === [] ? [0] : $days;
    }

    /** @return array{orders: int, owed: Money, due: Carbon|null} bills that aren't paid yet, and when the oldest is due */
    public static function bills(Stall $stall, SupplierConnection $connection): array
    {
        $open = DB::selectOne(self::OPEN, ['connection' => $connection->id]);
        $oldest = is_string($open->oldest ?? null) ? Carbon::parse($open->oldest) : null;

        return [
            'orders' => (int) $open?->orders,
            'owed' => $stall->money((int) $open?->minor),
            'due' => $oldest?->addDays($connection->bill_days),
        ];
    }

    /** @return Collection<int, array{connection: SupplierConnection, outlook: BalanceOutlook}> those that soon run out */
    public static function short(Stall $stall): Collection
    {
        return SupplierConnection::of($stall)
            ->where('pays', 'ahead')
            ->whereNull('disconnected_at')
            ->orderBy('id')
            ->get()
            ->map(static fn (SupplierConnection $one): array => ['connection' => $one, 'outlook' => self::outlook($stall, $one)])
            ->filter(static fn (array $one): bool => $one['outlook']?->short === true)
            ->values();
    }
}
