<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** Learns the words that a stall's items are called by, so that a mistyped one can be put right. */
final class LearnWords
{
    public function __invoke(Stall $stall): void
    {
        DB::transaction(function () use ($stall): void {
            DB::table('search_words')->where('stall_id', $stall->id)->delete();
            // ts_stat takes its query as text; the id is a whole number of our own.
            DB::insert(
                sprintf(
                    <<<'SQL'
                        INSERT INTO search_words (stall_id, word, items)
                        SELECT %1$d, word, ndoc
                        FROM ts_stat($$
                            SELECT to_tsvector('simple', title || ' ' || category)
                            FROM supplier_items
                            WHERE stall_id = %1$d
                              AND gone_at IS NULL
                        $$)
                        WHERE length(word) BETWEEN 3 AND 60 AND word ~ '^[[:alpha:]]'
                        SQL
                    ,
                    $stall->id,
                ),
            );
        });
    }
}
