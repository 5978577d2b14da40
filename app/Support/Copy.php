<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;

/** Writes rows into a table by PostgreSQL's COPY, the quickest way in. */
final class Copy
{
    public const NULL = '\\N';

    private const BATCH = 4_000;

    private const ESCAPES = ['\\' => '\\\\', "\t" => '\\t', "\n" => '\\n', "\r" => '\\r', "\0" => ''];

    /**
     * @param  list<string>  $columns
     * @param  iterable<array<string|int|bool|null>>  $rows  values in the columns' order
     * @return int how many
     */
    public static function into(string $table, array $columns, iterable $rows, ?string $connection = null): int
    {
        return self::send(
            $table,
            $columns,
            (static function () use ($rows): \Generator {
                foreach ($rows as $row) {
                    $cells = [];
                    foreach ($row as $value) {
                        $cells[] = match (true) {
                            $value === null => self::NULL,
                            is_string($value) => strtr($value, self::ESCAPES),
                            is_bool($value) => $value ? 't' : 'f',
                            default => $value,
                        };
                    }
                    yield $cells;
                }
            })(),
            $connection,
        );
    }

    /**
     * The quick way for rows of numbers and of words that hold neither tabs, line ends nor backslashes; {@see
     * Copy::NULL} for none.
     *
     * @param  list<string>  $columns
     * @param  iterable<list<string|int>>  $rows  values in the columns' order; truths as 1 and 0
     * @return int how many
     */
    public static function plain(string $table, array $columns, iterable $rows): int
    {
        return self::send($table, $columns, $rows, null);
    }

    /**
     * @param  list<string>  $columns
     * @param  iterable<array<string|int|float>>  $rows  cells as COPY reads them
     */
    private static function send(string $table, array $columns, iterable $rows, ?string $connection): int
    {
        $pdo = DB::connection($connection)->getPdo();
        $fields = implode(',', array_map(static fn (string $c): string => '"'.$c.'"', $columns));
        $lines = [];
        $n = 0;
        // A block of lines goes as one: each call costs more than a line does.
        $flush = static function () use ($pdo, $table, $fields, &$lines): void {
            $pdo->pgsqlCopyFromArray($table, [implode("\n", $lines)], "\t", '\\\\N', $fields);
            $lines = [];
        };
        foreach ($rows as $row) {
            $lines[] = implode("\t", $row);
            if (++$n % self::BATCH === 0) {
                $flush();
            }
        }
        if ($lines !== []) {
            $flush();
        }

        return $n;
    }
}
