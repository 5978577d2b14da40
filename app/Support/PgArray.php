<?php

declare(strict_types=1);

namespace WindowStall\Support;

/** Lists as PostgreSQL writes arrays: one value of a statement however long they are. */
final class PgArray
{
    /** @param  list<int>  $numbers */
    public static function numbers(array $numbers): string
    {
        return '{'.implode(',', $numbers).'}';
    }

    /** @param  list<string>  $texts */
    public static function texts(array $texts): string
    {
        $quoted = array_map(static fn (string $text): string => '"'.addcslashes($text, '"\\').'"', $texts);

        return '{'.implode(',', $quoted).'}';
    }
}
