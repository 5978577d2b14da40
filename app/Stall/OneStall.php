<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Database\Connection;
use Illuminate\Foundation\Bus\PendingDispatch;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Throwable;

/**
 * The stall whose rows the database shows and takes. Requests, jobs and commands enter one here and nowhere else;
 * outside of any, tables that belong to stalls are empty (row-level security, database/tables/support.sql).
 *
 * The database is told for the whole session, so that it holds in and out of transactions; each new or kept connection
 * is told before it is used.
 */
final class OneStall
{
    private const OWNERS_TABLES = <<<'SQL'
        SELECT 1
        FROM pg_class
        WHERE pg_my_temp_schema() <> 0
            AND relnamespace = pg_my_temp_schema()
            AND relowner = session_user::regrole
        LIMIT 1
        SQL;

    /** Seconds after which a sweep leaves what is left to the next. */
    private const PATIENCE = 40.0;

    private static ?int $id = null;

    /** The time zone of the stall that was entered, once it was asked for. */
    private static ?string $zone = null;

    /** Whether what is done is a rehearsal's: then its orders are there, which nobody else sees. */
    private static bool $rehearses = false;

    /** Whether a request is under way that hasn't entered a stall: it is bound as well. */
    private static bool $outside = false;

    /** @return int|null the stall's id */
    public static function current(): ?int
    {
        return self::$id;
    }

    /** @return string the time zone of the stall that was entered, as an IANA name; UTC outside of any */
    public static function zone(): string
    {
        return self::$id === null
            ? 'UTC'
            : self::$zone ??= (string) (DB::table('stalls')->where('id', self::$id)->value('zone') ?? 'UTC');
    }

    /** It is asked for anew. */
    public static function clockMoved(): void
    {
        self::$zone = null;
    }

    public static function enter(int $stall): void
    {
        self::$id = $stall;
        self::tell(DB::connection());
    }

    public static function isRehearsing(): bool
    {
        return self::$rehearses;
    }

    /** From here on, until one leaves, orders of rehearsals are seen and made ({@see isRehearsing}). */
    public static function rehearse(bool $rehearses = true): void
    {
        if (self::$rehearses !== $rehearses) {
            self::$rehearses = $rehearses;
            self::tell(DB::connection());
        }
    }

    /** Where a request begins: in no stall, whatever the one before it did with the connection. */
    public static function outside(): void
    {
        self::$id = null;
        self::$rehearses = false;
        self::$outside = true;
        // One that isn't made yet is told when it is.
        if (array_key_exists('pgsql', DB::getConnections())) {
            self::tell(DB::connection());
        }
    }

    public static function leave(): void
    {
        self::$id = null;
        self::$rehearses = false;
        self::$outside = false;
        $made = DB::getConnections()['pgsql'] ?? null;
        // Where nothing was asked of the database there is nothing to leave.
        if ($made?->getRawPdo() instanceof PDO) {
            self::tell($made);
        }
    }

    /**
     * Does something in a stall, then stands where one stood before. Jobs are set within it; nothing is given back of
     * them.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function within(int $stall, callable $do): mixed
    {
        $before = self::$id;
        self::enter($stall);
        try {
            $done = $do();
        } catch (Throwable $e) {
            self::backFromTrouble($before);

            throw $e;
        }
        if ($done instanceof PendingDispatch) {
            // A job is set when what was handed back is let go: here, while it is still known for which stall.
            $done = null;
        }
        self::back($before);

        // @phpstan-ignore return.type (nobody uses what setting a job gives back)
        return $done;
    }

    /**
     * Goes through what a sweep has to look after, whosever it is: rows that one of the owner's functions gives
     * (numbers of stalls and rows, longest due first), each within its stall. One that goes wrong is reported and keeps
     * none of the others waiting; what isn't reached in time is longest due at the next.
     *
     * @param  string  $function  a function that gives (stall, number)
     * @param  list<mixed>  $with  what it is asked
     * @param  callable(int): mixed  $do  told the row's number
     */
    public static function each(string $function, array $with, callable $do): void
    {
        $rows = DB::select(
            sprintf('SELECT stall, number FROM %s(%s)', $function, implode(', ', array_fill(0, count($with), '?'))),
            $with,
        );
        $end = microtime(true) + self::PATIENCE;
        foreach ($rows as $row) {
            rescue(static fn () => self::within((int) $row->stall, static fn (): mixed => $do((int) $row->number)));
            if (microtime(true) > $end) {
                return;
            }
        }
    }

    /** Stands where one stood before: in a stall, or in none. */
    public static function back(?int $before): void
    {
        self::$id = $before;
        self::tell(DB::connection());
    }

    /**
     * In a transaction that failed the database takes no word; when it is rolled back, it forgets the stall entered in
     * it by itself.
     */
    private static function backFromTrouble(?int $before): void
    {
        try {
            self::back($before);
        } catch (PDOException) {
            self::$id = $before;
        }
    }

    /** A connection that was made anew, or kept from whoever had it before, is told where we stand. */
    public static function tell(Connection $connection): void
    {
        if ($connection->getName() !== 'pgsql') {
            return;
        }
        self::$zone = null;
        $id = self::$id === null ? '' : (string) self::$id;
        $role = $connection->getConfig('bound_role');
        if (is_string($role)) {
            self::bind($connection->getPdo(), $id === '' && ! self::$outside ? 'none' : $role);
        }
        // Through the connection, which signs in again if it was cut off meanwhile.
        $connection->select(
            "SELECT set_config('stall.id', ?, false), set_config('stall.rehearses', ?, false)",
            [$id, self::$rehearses ? '1' : ''],
            useReadPdo: false,
        );
    }

    /** Tests sign in as the tables' owner, to look at all of it; within a stall they are bound like everybody else. */
    private static function bind(PDO $pdo, string $role): void
    {
        $now = $pdo->query('SELECT current_user');
        if ($now !== false && $now->fetchColumn() === $role) {
            return;
        }
        // Tables of the session belong to whoever made them; what the owner made, the bound role can't write.
        $owners = $role === 'none' ? false : $pdo->query(self::OWNERS_TABLES);
        if ($owners !== false && $owners->fetchColumn() !== false) {
            $pdo->exec('DISCARD TEMP');
        }
        $pdo->exec('SET ROLE '.($role === 'none' ? 'NONE' : '"'.str_replace('"', '""', $role).'"'));
    }
}
