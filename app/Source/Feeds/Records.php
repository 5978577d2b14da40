<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * Lays nested records (XML, JSON) out as a table: "stock": {"GB": 4} becomes a column "stock/GB"; a list of words is
 * joined by a bar; a list of records inside, such as variants, makes a row each, with what stands around it repeated.
 */
final class Records
{
    private const DEPTH = 6;

    /** How many records are looked at to learn the columns. */
    public const LEARN = 200;

    /**
     * @param  array<mixed>  $record
     * @return list<array<string, string>>
     */
    public static function rows(array $record): array
    {
        $flat = [];
        $inner = [];
        self::flatten($record, '', $flat, $inner, 0);
        if ($inner === []) {
            return $flat === [] ? [] : [$flat];
        }
        $rows = [];
        foreach ($inner as $row) {
            $rows[] = $row + $flat;
        }

        return $rows;
    }

    /**
     * The columns of the first records, in the order they first stand.
     *
     * @param  iterable<array<mixed>>  $records
     * @return list<string>
     */
    public static function header(iterable $records): array
    {
        $names = [];
        $seen = 0;
        foreach ($records as $record) {
            foreach (self::rows($record) as $row) {
                $names += array_fill_keys(array_keys($row), true);
            }
            if (++$seen >= self::LEARN) {
                break;
            }
        }
        if ($names === []) {
            throw FeedTrouble::because('No records of goods stand in the file.');
        }

        return Header::names(array_map(strval(...), array_keys($names)));
    }

    /**
     * @param  iterable<array<mixed>>  $records
     * @param  list<string>  $header
     * @return iterable<int, list<string>>
     */
    public static function table(iterable $records, array $header): iterable
    {
        $blank = array_fill_keys($header, '');
        $number = 0;
        foreach ($records as $record) {
            foreach (self::rows($record) as $row) {
                yield ++$number => array_values(array_replace($blank, array_intersect_key($row, $blank)));
            }
        }
    }

    /**
     * @param  array<mixed>  $node
     * @param  array<string, string>  $flat
     * @param  list<array<string, string>>  $inner
     */
    private static function flatten(array $node, string $prefix, array &$flat, array &$inner, int $depth): void
    {
        if ($depth > self::DEPTH) {
            return;
        }
        foreach ($node as $key => $value) {
            $name = $prefix === '' ? (string) $key : $prefix.'/'.$key;
            if (! is_array($value)) {
                $flat[$name] = is_bool($value) ? ($value ? 'yes' : 'no') : self::text($value);
            } elseif (! array_is_list($value)) {
                self::flatten($value, $name, $flat, $inner, $depth + 1);
            } elseif ($value !== [] && is_array($value[0]) && $inner === []) {
                foreach ($value as $each) {
                    if (is_array($each)) {
                        $row = [];
                        $none = [['' => '']];
                        self::flatten($each, $name, $row, $none, $depth + 1);
                        $inner[] = $row;
                    }
                }
            } else {
                $flat[$name] = implode('|', array_map(self::text(...), array_filter($value, is_scalar(...))));
            }
        }
    }

    private static function text(mixed $value): string
    {
        // Not 1.0E+25, nor 4.1999999999999998.
        return is_float($value)
            ? rtrim(rtrim(number_format($value, 6, '.', ''), '0'), '.')
            : (is_scalar($value)
                ? (string) $value
                : '');
    }
}
