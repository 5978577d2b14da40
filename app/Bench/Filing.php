<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** What a stall's listings are filed under: their types and tags, by name. */
final class Filing
{
    private const MOST = 200;

    private const TYPES = <<<'SQL'
        SELECT DISTINCT own_type AS name
        FROM listings
        WHERE stall_id = :stall
          AND deleted_at IS NULL
          AND own_type <> ''
        ORDER BY name
        LIMIT :most
        SQL;

    private const TAGS = <<<'SQL'
        SELECT DISTINCT jsonb_array_elements_text(own_tags) AS name
        FROM listings
        WHERE stall_id = :stall
          AND deleted_at IS NULL
        ORDER BY name
        LIMIT :most
        SQL;

    /** @return list<string> */
    public static function types(Stall $stall): array
    {
        return self::names(self::TYPES, $stall);
    }

    /** @return list<string> */
    public static function tags(Stall $stall): array
    {
        return self::names(self::TAGS, $stall);
    }

    /** @return list<string> */
    private static function names(string $sql, Stall $stall): array
    {
        $rows = DB::select($sql, ['stall' => $stall->id, 'most' => self::MOST]);

        return array_values(array_map(strval(...), array_column($rows, 'name')));
    }
}
