<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Stall;

/** Words as people type them: stems, half typed words, codes, and words mistyped. */
final class ItemSearchWords
{
    /** Words corrected at most; more is no search. */
    private const MOST = 8;

    public function narrow(Builder $query, string $words): void
    {
        // The last word may be half typed, and codes are searched as they stand: both are prefixes.
        $prefix = implode(' & ', array_map(static fn (string $w): string => "'".$w."':*", self::tokens($words)));
        $query->whereRaw('l.supplier_item_id IN (SELECT items_called(?, ?))', [$words, $prefix]);
    }

    /**
     * The words with those that no item is called by put right; null when nothing was mistyped, or nothing is like it.
     */
    public function corrected(Stall $stall, string $words): ?string
    {
        $put = [];
        $changed = false;
        foreach (array_slice(self::tokens(mb_strtolower($words)), 0, self::MOST) as $word) {
            $known = DB::table('search_words')
                ->where('stall_id', $stall->id)
                ->where('word', 'like', addcslashes($word, '%_\\').'%')
                ->exists();
            $like = $known
                ? null
                : DB::table('search_words')
                    ->where('stall_id', $stall->id)
                    ->whereRaw('word % ?', [$word])
                    ->orderByRaw('similarity(word, ?) DESC, items DESC', [$word])
                    ->value('word');
            $put[] = is_string($like) ? $like : $word;
            $changed = $changed || is_string($like);
        }

        return $changed ? implode(' ', $put) : null;
    }

    /** @return list<string> */
    private static function tokens(string $words): array
    {
        preg_match_all('/[\p{L}\p{N}-]+/u', $words, $m);

        return $m[0];
    }
}
