<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\ColumnNames;

/**
 * Lays nested records (XML, JSON) out as a table: "stock": {"GB": 4} becomes a column "stock/GB"; a list of words is
 * joined by a bar; a list of records inside, such as variants, makes a row each, with what stands around it repeated. Of
 * several such lists the one most like goods does; the others are joined by bars, field by field.
 */
final class NestedRecords
{
    /** In place of a record that can't be read: what stood there. */
    public const BROKEN = "\0broken";

    /** In place of a record where something else stands: that. */
    public const ODD = "\0odd";

    private const DEPTH = 6;

    /** How many records are looked at to learn the columns. */
    public const LEARN = 200;

    /**
     * @param  array<mixed>  $record
     * @return list<array<string, string>>
     */
    public static function rows(array $record): array
    {
        if (isset($record[self::BROKEN]) || isset($record[self::ODD])) {
            return [$record];
        }
        $flat = [];
        $lists = [];
        self::flatten($record, '', $flat, $lists, 0);
        $goods = self::mostLikeGoods($lists);
        foreach (array_diff_key($lists, [$goods => true]) as $list) {
            $flat += self::joined($list);
        }
        $rows = array_map(static fn (array $row): array => $row + $flat, $lists[$goods] ?? []);

        // One that says nothing is a row, too: it is counted, and left out by name.
        return $rows === [] ? [$flat] : $rows;
    }

    /**
     * The columns of the first records, in the order they first stand.
     *
     * @param  iterable<array<mixed>>  $records
     * @param  list<string>  $late  columns that were met later in the file before
     * @return list<string>
     */
    public static function header(iterable $records, array $late = []): array
    {
        $names = [];
        $seen = 0;
        foreach ($records as $record) {
            foreach (isset($record[self::BROKEN]) ? [] : self::rows($record) as $row) {
                $names += array_fill_keys(array_keys(array_diff_key($row, [self::ODD => true])), true);
            }
            if (++$seen >= self::LEARN) {
                break;
            }
        }
        if (count($names) < 2) {
            throw FeedTrouble::because('No records of goods stand in the file.');
        }

        return Header::names(array_map(strval(...), array_keys($names + array_fill_keys($late, true))));
    }

    /**
     * @param  iterable<array<mixed>>  $records
     * @param  list<string>  $header
     * @return iterable<int, list<string>>
     */
    public static function table(iterable $records, array $header, ?LateColumns $late = null): iterable
    {
        $blank = array_fill_keys($header, '');
        $number = 0;
        foreach ($records as $record) {
            foreach (self::rows($record) as $row) {
                $amiss = match (true) {
                    isset($row[self::BROKEN]) => BrokenText::NO_JSON.$row[self::BROKEN],
                    isset($row[self::ODD]) => BrokenText::NO_RECORD.$row[self::ODD],
                    default => null,
                };
                if ($amiss !== null) {
                    yield ++$number => array_pad([$amiss], count($header), '');

                    continue;
                }
                $known = array_intersect_key($row, $blank);
                $number++;
                if (count($known) < count($row)) {
                    $late?->met(array_diff_key($row, $blank), $number);
                }
                yield $number => array_values(array_replace($blank, $known));
            }
        }
    }

    /**
     * Of several lists of records within one, such as pictures and variants, the one whose fields are called most like
     * those of goods; of equals the one with more fields.
     *
     * @param  array<string, non-empty-list<array<string, string>>>  $lists
     */
    private static function mostLikeGoods(array $lists): string
    {
        $best = '';
        $most = [-1.0, 0];
        foreach ($lists as $name => $rows) {
            $last = static fn (int|string $path): string => substr((string) strrchr('/'.$path, '/'), 1);
            $columns = array_map($last, array_keys(array_replace(...$rows)));
            $fits = [ColumnNames::likeGoods($columns), count($columns)];
            if ($fits > $most) {
                [$best, $most] = [$name, $fits];
            }
        }

        return $best;
    }

    /**
     * A list of records that makes no rows: each of its fields in one cell.
     *
     * @param  list<array<string, string>>  $rows
     * @return array<string, string>
     */
    private static function joined(array $rows): array
    {
        $columns = [];
        foreach ($rows as $row) {
            foreach (array_diff_key($row, [self::ODD => true]) as $name => $value) {
                $columns[$name][] = $value;
            }
        }

        return array_map(static fn (array $values): string => implode('|', $values), $columns);
    }

    /**
     * @param  array<mixed>  $node
     * @param  array<string, string>  $flat
     * @param  array<string, non-empty-list<array<string, string>>>  $lists  lists of records, by where they stand
     */
    private static function flatten(array $node, string $prefix, array &$flat, array &$lists, int $depth): void
    {
        if ($depth > self::DEPTH) {
            return;
        }
        foreach ($node as $key => $value) {
            $name = $prefix === '' ? (string) $key : $prefix.'/'.$key;
            if (! is_array($value)) {
                $flat[$name] = is_bool($value) ? ($value ? 'yes' : 'no') : self::text($value);
            } elseif (! array_is_list($value)) {
                self::flatten($value, $name, $flat, $lists, $depth + 1);
            } elseif (array_filter($value, is_array(...)) !== []) {
                $rows = self::each($value, $name, $depth);
                $rows === [] ?: $lists[$name] = $rows;
            } else {
                $flat[$name] = implode('|', array_map(self::text(...), array_filter($value, is_scalar(...))));
            }
        }
    }

    /**
     * @param  list<mixed>  $records
     * @return list<array<string, string>> each laid out; a list of records within one of them is joined
     */
    private static function each(array $records, string $name, int $depth): array
    {
        $rows = [];
        foreach ($records as $record) {
            if (! is_array($record)) {
                $rows[] = [self::ODD => self::text($record)];
            } else {
                $row = $within = [];
                self::flatten($record, $name, $row, $within, $depth + 1);
                foreach ($within as $list) {
                    $row += self::joined($list);
                }
                $rows[] = $row;
            }
        }

        return $rows;
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
