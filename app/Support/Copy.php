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
        $pdo = DB::connection($connection)->getPdo();
        $fields = self::fields($columns);
        $lines = [];
        $n = 0;
        foreach ($rows as $row) {
            $cells = [];
            foreach ($row as $value) {
                $cells[] = match (true) {
                    $value === null => self::NULL, is_string($value) => strtr($value, self::ESCAPES), is_bool($value) => $value ? 't' : 'f', default => $value,
                };
            }
            $lines[] = implode("\t", $cells);
            $n++;
            if (count($lines) >= self::BATCH) {
                $pdo->pgsqlCopyFromArray($table, [implode("\n", $lines)], "\t", '\\\\N', $fields);
                $lines = [];
            }
        }
        if ($lines !== []) {
            $pdo->pgsqlCopyFromArray($table, [implode("\n", $lines)], "\t", '\\\\N', $fields);
        }

        return $n;
    }

    /**
     * The quick way for rows of numbers and of words that hold neither tabs, line ends nor backslashes; {@see Copy::NULL} for none.
     *
     * @param  list<string>  $columns
     * @param  iterable<list<string|int>>  $rows  values in the columns' order; truths as 1 and 0
     * @return int how many
     */
    public static function plain(string $table, array $columns, iterable $rows): int
    {
        $pdo = DB::connection()->getPdo();
        $fields = self::fields($columns);
        $lines = [];
        $n = 0;
        foreach ($rows as $row) {
            $lines[] = implode("\t", $row);
            if (++$n % self::BATCH === 0) {
                $pdo->pgsqlCopyFromArray($table, [implode("\n", $lines)], "\t", '\\\\N', $fields);
                $lines = [];
            }
        }
        if ($lines !== []) {
            $pdo->pgsqlCopyFromArray($table, [implode("\n", $lines)], "\t", '\\\\N', $fields);
        }

        return $n;
    }

    /** @param  list<string>  $columns */
    private static function fields(array $columns): string
    {
        return implode(',', array_map(static fn (string $c): string => '"'.$c.'"', $columns));
    }
}
