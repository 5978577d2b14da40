<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Opening\FirstGoods;
use WindowStall\Core\Opening\NicheWords;
use WindowStall\Core\Opening\Proposable;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Refusal;

/** Goods for a shop that has none: found by the words of its sentence, weighed by core. */
final class FindForNiche
{
    /** Items that are looked at closely. */
    private const LOOKED_AT = 120;

    private const COUNTED = <<<'SQL'
        SELECT word.english AS word, (SELECT count(*) FROM items_called(word.english, word.prefix)) AS items
        FROM unnest(?::text[], ?::text[]) AS word (english, prefix)
        SQL;

    /** Of those the stall has no listing of, or one that was taken before and still lies on the bench; in stock, sent home. */
    private const FOUND = <<<'SQL'
        SELECT landing.supplier_item_id AS id, sum(word.weight) AS fit
        FROM unnest(?::text[], ?::text[], ?::bigint[]) AS word (english, prefix, weight)
        CROSS JOIN LATERAL items_called(word.english, word.prefix) AS called (id)
        JOIN item_landings AS landing ON landing.supplier_item_id = called.id AND landing.market = ?
        JOIN supplier_items AS item ON item.id = landing.supplier_item_id
        WHERE landing.stall_id = ?
          AND landing.stock > 0
          AND landing.landed_minor IS NOT NULL
          AND item.gone_at IS NULL
          AND item.made_from_id IS NULL
          AND item.words_id IS NOT NULL
          AND item.picture IS NOT NULL
          AND NOT EXISTS (
              SELECT 1
              FROM listings AS taken
              WHERE taken.supplier_item_id = item.id
                AND taken.deleted_at IS NULL
                AND NOT (taken.id = ANY (?::bigint[]) AND taken.state = 'on_bench')
          )
        GROUP BY landing.supplier_item_id, landing.rating
        ORDER BY fit DESC, landing.rating DESC NULLS LAST, landing.supplier_item_id
        LIMIT ?
        SQL;

    /**
     * @param  list<int>  $again  listings that were taken for an earlier attempt nobody agreed to
     * @return list<WeighedItem> those to begin with, the best first
     *
     * @throws Refusal where nothing answers to the sentence
     */
    public function __invoke(Stall $stall, string $sentence, array $again = []): array
    {
        $words = NicheWords::of($sentence);
        if ($words === []) {
            throw new Refusal('Say what the shop sells in words such as “tools and twine for vegetable plots”.');
        }
        $fits = $this->fits($stall, $words, $again);
        $weighs = new WeighsItems($stall);
        $weighed = [];
        $items = SupplierItem::query()->with(['words', 'variants'])->whereKey(array_keys($fits))->get();
        foreach ($items as $item) {
            $one = $weighs->weigh($item, $fits[$item->id]);
            if ($one !== null) {
                $weighed[$item->id] = $one;
            }
        }
        $chosen = FirstGoods::of(array_values(array_map(static fn (WeighedItem $w): Proposable => $w->as, $weighed)));
        if ($chosen === []) {
            throw new Refusal($weighed === []
                ? 'Nothing that your suppliers have answers to these words. Say it with others, or connect a supplier.'
                : 'What answers to these words costs more to send than to buy, comes too late or keeps too little. '.
                    'Say it with others, or look in Source.');
        }

        return array_map(static fn (Proposable $one): WeighedItem => $weighed[$one->id], $chosen);
    }

    /**
     * @param  list<string>  $words
     * @param  list<int>  $again
     * @return array<int, int> item → how well it answers to them
     */
    private function fits(Stall $stall, array $words, array $again): array
    {
        $prefixes = array_map(static fn (string $word): string => "'".$word."':*", $words);
        $of = SupplierItem::of($stall)->whereNull('gone_at')->count();
        $weights = [];
        foreach (DB::select(self::COUNTED, [PgArray::texts($words), PgArray::texts($prefixes)]) as $row) {
            $weights[(string) $row->word] = NicheWords::weight((int) $row->items, $of);
        }
        $rows = DB::select(self::FOUND, [
            PgArray::texts($words),
            PgArray::texts($prefixes),
            PgArray::numbers(array_map(static fn (string $word): int => $weights[$word] ?? 0, $words)),
            $stall->home_market,
            $stall->id,
            PgArray::numbers($again),
            self::LOOKED_AT,
        ]);
        $fits = [];
        foreach ($rows as $row) {
            $fits[(int) $row->id] = (int) $row->fit;
        }

        return $fits;
    }
}
