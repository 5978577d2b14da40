<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Way;

/** A menu's rows as links; what leads nowhere is left out. */
final class Ways
{
    /** @return list<array{words: string, href: string}> */
    public static function of(mixed $rows, WindowGoods $goods): array
    {
        $ways = [];
        foreach (is_array($rows) ? $rows : [] as $row) {
            $words = is_array($row) && is_string($row['words'] ?? null) ? $row['words'] : '';
            $href = $words === '' || ! is_array($row) ? null : Way::from($row['leads'] ?? '')->href($goods);
            if ($href !== null) {
                $ways[] = ['words' => $words, 'href' => $href];
            }
        }

        return $ways;
    }
}
