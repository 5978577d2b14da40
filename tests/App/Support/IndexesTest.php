<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Tests\App\AppTestCase;

/** What is looked for is found by an index. */
final class IndexesTest extends AppTestCase
{
    public function test_every_foreign_key_has_an_index_that_begins_with_it(): void
    {
        $bare = DB::select(
            <<<'SQL'
                SELECT c.conrelid::regclass::text || '.' || a.attname AS name
                FROM pg_constraint c
                JOIN pg_attribute a ON a.attrelid = c.conrelid AND a.attnum = c.conkey[1]
                WHERE c.contype = 'f' AND c.connamespace = 'public'::regnamespace
                  AND NOT EXISTS (SELECT 1 FROM pg_index i WHERE i.indrelid = c.conrelid AND i.indkey[0] = c.conkey[1] AND i.indpred IS NULL)
                ORDER BY 1
                SQL
            ,
        );
        self::assertSame([], array_column($bare, 'name'));
    }

    #[TestWith(['supplier_items', 'title gin_trgm_ops'])]
    #[TestWith(['listings', 'shown_title gin_trgm_ops'])]
    #[TestWith(['orders', 'name gin_trgm_ops, email gin_trgm_ops'])]
    #[TestWith(['orders', '(updated_at) WHERE'])]
    public function test_what_the_palette_and_the_sweeps_look_for_has_one(string $table, string $on): void
    {
        $definitions = implode(
            "\n",
            array_column(DB::select('SELECT indexdef FROM pg_indexes WHERE tablename = ?', [$table]), 'indexdef'),
        );
        self::assertStringContainsString($on, $definitions);
    }
}
