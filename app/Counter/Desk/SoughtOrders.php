<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Support\Facades\DB;

/** Orders of the stall one is in that have words in their name, mail, place or postcode. */
final class SoughtOrders
{
    /** Beyond so many, walking through the latest orders meets them sooner than the index does. */
    private const FEW = 2_000;

    /** Letters that an index of trigrams needs (https://www.postgresql.org/docs/15/pgtrgm.html). */
    private const LETTERS = 3;

    private const SQL = 'SELECT id FROM orders_sought(?, ?) AS id';

    /** @return string for LIKE on the column "sought" */
    public static function pattern(string $said): string
    {
        return '%'.addcslashes(mb_strtolower($said), '%_\\').'%';
    }

    /** @return list<int>|null their numbers in the database; null where there are very many */
    public static function few(string $said): ?array
    {
        if (mb_strlen($said) < self::LETTERS) {
            return null;
        }
        $ids = array_column(DB::select(self::SQL, [self::pattern($said), self::FEW + 1]), 'id');

        return count($ids) > self::FEW ? null : array_values(array_map(intval(...), $ids));
    }
}
