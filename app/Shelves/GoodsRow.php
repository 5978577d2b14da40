<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Carbon;
use WindowStall\Core\Shelves\Goods;

/** A row of goods_facts as core takes it. */
final class GoodsRow
{
    public static function goods(\stdClass $row): Goods
    {
        $figure = static fn (mixed $n): ?int => $n === null ? null : (int) $n;

        return new Goods(
            tags: self::list($row->tags),
            type: (string) $row->type,
            suppliers: self::list($row->suppliers),
            price: $figure($row->price_minor),
            keep: $figure($row->keep_minor),
            marginBp: $figure($row->margin_bp),
            stock: (int) $row->stock,
            buyable: (bool) $row->buyable,
            newDays: self::since($row->shown_since),
            soldDays: self::since($row->sold_at),
            options: self::list($row->options),
            printed: (bool) $row->printed,
            postedFrom: self::list($row->posted_from),
            days: $figure($row->days_max),
            was: (bool) $row->was,
        );
    }

    private static function since(?string $at): ?int
    {
        return $at === null ? null : max(0, (int) Carbon::parse($at)->diffInDays(now()));
    }

    /** @return list<string> an array of texts or numbers as PostgreSQL writes it */
    private static function list(string $array): array
    {
        preg_match_all('/"((?:[^"\\\\]|\\\\.)*)"|[^{},"]+/s', $array, $found, PREG_SET_ORDER);

        return array_map(
            static fn (array $text): string => isset($text[1]) ? stripslashes($text[1]) : $text[0],
            $found,
        );
    }
}
