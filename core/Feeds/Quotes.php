<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/**
 * How the quotation marks of a row of CSV stand. One opens a cell only where the cell begins (RFC 4180, 2.5 to 2.7); any
 * other, as in `Pot 5" wide`, is a letter like the others.
 */
enum Quotes
{
    case Closed;

    /** A quoted cell goes on in the next line. */
    case Open;

    /** A mark that closes a cell of several lines stands in the middle of another: the first was never closed. */
    case Astray;

    /**
     * @param  string  $row  one line, or several joined by \n as long as it was open
     * @param  non-empty-string  $delimiter  one byte
     */
    public static function in(string $row, string $delimiter): self
    {
        for ($cell = 0; ; $cell = $end + 1) {
            $after = $cell + strspn($row, ' ', $cell);
            if (($row[$after] ?? '') === '"') {
                $close = self::close($row, $after + 1);
                if ($close === null) {
                    return self::Open;
                }
                $severalLines = str_contains(substr($row, $after, $close - $after), "\n");
                $after = $close + 1 + strspn($row, ' ', $close + 1);
                if ($severalLines && isset($row[$after]) && $row[$after] !== $delimiter) {
                    return self::Astray;
                }
            }
            $end = $after >= strlen($row) ? false : strpos($row, $delimiter, $after);
            if ($end === false) {
                return self::Closed;
            }
        }
    }

    /** Where a quoted cell ends: at the first mark that isn't doubled; null when there is none. */
    private static function close(string $row, int $from): ?int
    {
        while (true) {
            $mark = $from >= strlen($row) ? false : strpos($row, '"', $from);
            if ($mark === false) {
                return null;
            }
            if (($row[$mark + 1] ?? '') !== '"') {
                return $mark;
            }
            $from = $mark + 2;
        }
    }
}
