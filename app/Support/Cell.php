<?php

declare(strict_types=1);

namespace WindowStall\Support;

/**
 * A cell of a table that goes out. A spreadsheet runs one that begins like a formula; an apostrophe before it keeps it
 * text (OWASP, CSV injection).
 */
final class Cell
{
    public static function safe(string $cell): string
    {
        return preg_match("/^'+[=+@\t\r-]|^[=+@\t\r]|^-(?!\d+(\.\d+)?$)/", $cell) === 1 ? "'".$cell : $cell;
    }

    public static function unsafe(string $cell): string
    {
        return preg_match("/^'+[=+@\t\r-]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
