<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;

/** Numbers of very many rows: as one text from the database, a fraction of what as many row objects would take. */
final class Ids
{
    /**
     * @param  string  $sql  a query with a column "id"
     * @param  array<string, mixed>|list<mixed>  $bindings
     * @return list<int> rising
     */
    public static function of(string $sql, array $bindings = []): array
    {
        $ids = DB::scalar("SELECT string_agg(id::text, ',' ORDER BY id) FROM ($sql) AS rows", $bindings);

        return is_string($ids) && $ids !== '' ? array_map(intval(...), explode(',', $ids)) : [];
    }
}
