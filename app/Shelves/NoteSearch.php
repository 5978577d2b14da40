<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Stall\Stall;

/** Notes what shoppers looked for and how much they found; no more than so many different things. */
final class NoteSearch
{
    /** Different things a stall remembers; beyond, only what is known already is counted on. */
    private const MOST = 5_000;

    private const MOST_LETTERS = 80;

    private const COUNT = <<<'SQL'
        UPDATE shop_searches
        SET times = times + 1, found = ?, last_at = now()
        WHERE stall_id = ?
          AND words = ?
        SQL;

    private const BEGIN = <<<'SQL'
        INSERT INTO shop_searches (stall_id, words, times, found, last_at)
        SELECT ?, ?, 1, ?, now()
        WHERE (SELECT count(*) FROM shop_searches WHERE stall_id = ?) < ?
        ON CONFLICT (stall_id, words) DO UPDATE
        SET times = shop_searches.times + 1, found = excluded.found, last_at = now()
        SQL;

    public static function of(Stall $stall, SearchWords $words, int $found): void
    {
        $text = mb_substr($words->text(), 0, self::MOST_LETTERS);
        if ($text !== '' && DB::update(self::COUNT, [$found, $stall->id, $text]) === 0) {
            DB::insert(self::BEGIN, [$stall->id, $text, $found, $stall->id, self::MOST]);
        }
    }
}
