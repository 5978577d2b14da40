<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use stdClass;

/** Rows of a statement read from PostgreSQL some at a time: never more of them in memory than that. */
final class PgCursor
{
    private const BATCH = 2_000;

    private static int $opened = 0;

    /**
     * @param  string  $sql  with a ? for each binding
     * @param  list<int|string|null>  $bindings
     * @return \Generator<int, stdClass>
     */
    public static function rows(string $sql, array $bindings): \Generator
    {
        $pdo = DB::connection()->getPdo();
        $name = 'rows_'.++self::$opened;
        // A cursor takes no parameters of its own: they are written into the statement, quoted by the driver.
        $pdo->prepare('DECLARE '.$name.' NO SCROLL CURSOR WITH HOLD FOR '.$sql, [PDO::ATTR_EMULATE_PREPARES => true])
            ->execute($bindings);
        $fetch = $pdo->prepare('FETCH '.self::BATCH.' FROM '.$name);
        try {
            do {
                $fetch->execute();
                /** @var list<stdClass> $rows */
                $rows = $fetch->fetchAll(PDO::FETCH_OBJ);
                foreach ($rows as $row) {
                    yield $row;
                }
            } while (count($rows) === self::BATCH);
        } finally {
            try {
                $pdo->exec('CLOSE '.$name);
            } catch (PDOException) {
                // Whoever read on broke their transaction, and the cursor has gone with it.
            }
        }
    }
}
