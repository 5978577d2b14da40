<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\SearchWords;
use WindowStall\Stall\Stall;

/**
 * Finds goods in the window by words: stems, a last word half typed, words that mean the same; where nothing is found,
 * with words that no goods are called by put right.
 */
final readonly class SearchGoods
{
    private const MATCHES = "facts.search @@ (to_tsquery('english', ?) || to_tsquery('simple', ?))";

    /** Found by what the seller's words are in the language the shop is read in, besides. */
    private const SAID = <<<'SQL'
        (
            facts.search @@ (to_tsquery('english', ?) || to_tsquery('simple', ?))
            OR EXISTS (
                SELECT 1
                FROM phrases AS said
                WHERE said.stall_id = ?
                  AND said.language = ?
                  AND said.hash IN (md5(facts.title), md5(facts.type))
                  AND NOT said.drafted
                  AND said.search @@ (to_tsquery(?::regconfig, ?) || to_tsquery('simple', ?))
            )
        )
        SQL;

    /** ISO 639-1 → how PostgreSQL calls its words' stems. */
    private const STEMS = ['de' => 'german', 'fr' => 'french', 'nl' => 'dutch', 'es' => 'spanish', 'en' => 'english'];

    private const RANK = "ts_rank_cd(facts.search, to_tsquery('english', ?) || to_tsquery('simple', ?)) DESC";

    /** How like a word has to be to be meant. */
    private const LIKE = 0.3;

    public function __construct(private Stall $stall)
    {
    }

    /** @return Builder rows of goods_facts, what can be bought first, best fitting first */
    public function called(SearchWords $words): Builder
    {
        if ($words->words === []) {
            return ShelfGoods::all($this->stall)->whereRaw('false');
        }
        $same = $this->same($words);
        // Stems of whole words, and the beginnings of what is half typed.
        $query = [$words->query($same), $words->query(prefix: true)];

        return ShelfGoods::all($this->stall)
            ->whereRaw(...$this->matches($query))
            ->orderByDesc('facts.buyable')
            ->orderByRaw(self::RANK, $query)
            ->orderByDesc('facts.sold_pieces')
            ->orderBy('facts.listing_id');
    }

    /**
     * @param  array{string, string}  $query  stems, and beginnings
     * @return array{string, list<mixed>}
     */
    private function matches(array $query): array
    {
        $language = $this->stall->seen()->language;
        if ($language === $this->stall->language) {
            return [self::MATCHES, $query];
        }

        return [self::SAID, [...$query, $this->stall->id, $language, self::STEMS[$language] ?? 'simple', ...$query]];
    }

    /** With those words put right that no goods are called by; null where nothing was mistyped or nothing is like it. */
    public function corrected(SearchWords $words): ?SearchWords
    {
        $put = [];
        $changed = false;
        foreach ($words->words as $word) {
            $like = $this->known($word) ? null : $this->like($word);
            $put[] = $like ?? $word;
            $changed = $changed || $like !== null;
        }

        return $changed ? SearchWords::of(implode(' ', $put)) : null;
    }

    private function known(string $word): bool
    {
        return DB::table('shop_words')
            ->where('stall_id', $this->stall->id)
            ->where('word', 'like', addcslashes($word, '%_\\').'%')
            ->exists();
    }

    private function like(string $word): ?string
    {
        $like = DB::table('shop_words')
            ->where('stall_id', $this->stall->id)
            ->whereRaw('similarity(word, ?) >= ?', [$word, self::LIKE])
            ->orderByRaw('similarity(word, ?) DESC, word', [$word])
            ->value('word');

        return is_string($like) ? $like : null;
    }

    /** @return array<string, list<string>> a run of words → what means the same */
    private function same(SearchWords $words): array
    {
        $same = [];
        $rows = Synonym::of($this->stall)
            ->where(static fn ($q) => $q->whereIn('word', $words->runs())->orWhereIn('means', $words->runs()))
            ->limit(50)
            ->get();
        foreach ($rows as $row) {
            $same[$row->word][] = $row->means;
            $same[$row->means][] = $row->word;
        }

        return $same;
    }
}
