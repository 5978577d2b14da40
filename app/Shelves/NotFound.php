<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Shelves\Views\SearchedView;
use WindowStall\Stall\Stall;

/** What shoppers looked for and didn't find, each with what could answer it. */
final readonly class NotFound
{
    private const MOST = 40;

    private const LOOKED_FOR = <<<'SQL'
        SELECT search.words, search.times, search.last_at
        FROM shop_searches AS search
        WHERE search.stall_id = :stall
          AND search.found = 0
          AND NOT search.waved
          AND NOT EXISTS (
              SELECT 1
              FROM synonyms
              WHERE synonyms.stall_id = search.stall_id
                AND search.words IN (synonyms.word, synonyms.means)
          )
        ORDER BY search.times DESC, search.last_at DESC
        LIMIT :most
        SQL;

    private const AT_SUPPLIERS = <<<'SQL'
        SELECT count(*) FROM items_called(?, '')
        SQL;

    public function __construct(private Stall $stall)
    {
    }

    /** @return list<SearchedView> those looked for most first; what is found meanwhile isn't among them */
    public function all(): array
    {
        $search = new SearchGoods($this->stall);
        $open = [];
        foreach (DB::select(self::LOOKED_FOR, ['stall' => $this->stall->id, 'most' => self::MOST]) as $row) {
            $words = SearchWords::of((string) $row->words);
            if ($search->called($words)->exists()) {
                continue;
            }
            $shelf = $this->shelf($words);
            $open[] = new SearchedView(
                words: (string) $row->words,
                times: (int) $row->times,
                like: $search->corrected($words)?->text(),
                shelf: $shelf?->name,
                shelfId: $shelf?->id,
                items: (int) DB::scalar(self::AT_SUPPLIERS, [$words->text()]),
            );
        }

        return $open;
    }

    /** A shelf called like it. */
    private function shelf(SearchWords $words): ?Shelf
    {
        return Shelf::of($this->stall)
            ->whereRaw('word_similarity(?, name) >= 0.5', [$words->text()])
            ->orderByRaw('word_similarity(?, name) DESC, id', [$words->text()])
            ->first();
    }
}
