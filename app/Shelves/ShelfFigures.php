<?php

declare(strict_types=1);

namespace WindowStall\Shelves;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Shelves\Candidate;
use WindowStall\Core\Shelves\Overlap;
use WindowStall\Core\Shelves\Proposals;
use WindowStall\Core\Shelves\ShelfField;
use WindowStall\Core\Shelves\Word;
use WindowStall\Stall\Stall;

/** How a stall's shelves stand: how many goods each holds, which are nearly the same, and which there could be. */
final readonly class ShelfFigures
{
    private const COUNTS = <<<'SQL'
        SELECT standing.shelf_id AS id,
               count(*) AS goods,
               count(*) FILTER (WHERE facts.buyable) AS buyable
        FROM shelf_goods AS standing
        JOIN goods_facts AS facts ON facts.listing_id = standing.listing_id
        WHERE standing.stall_id = ?
        GROUP BY standing.shelf_id
        SQL;

    private const BOTH = <<<'SQL'
        SELECT one.shelf_id AS one, other.shelf_id AS other, count(*) AS goods
        FROM shelf_goods AS one
        JOIN shelf_goods AS other ON other.listing_id = one.listing_id AND other.shelf_id > one.shelf_id
        WHERE one.stall_id = ?
        GROUP BY one.shelf_id, other.shelf_id
        SQL;

    private const HOMELESS = <<<'SQL'
        SELECT facts.listing_id
        FROM goods_facts AS facts
        WHERE facts.stall_id = ?
          AND NOT EXISTS (SELECT 1 FROM shelf_goods AS standing WHERE standing.listing_id = facts.listing_id)
        SQL;

    private const GROUPS = <<<'SQL'
        SELECT 'type' AS by, min(type) AS name, array_to_json(array_agg(listing_id)) AS goods
        FROM goods_facts
        WHERE stall_id = :stall AND type <> ''
        GROUP BY type_low
        UNION ALL
        SELECT 'tag', min(tag.name), array_to_json(array_agg(listing_id))
        FROM goods_facts
        CROSS JOIN LATERAL unnest(tags, tags_low) AS tag (name, low)
        WHERE stall_id = :stall
        GROUP BY tag.low
        UNION ALL
        SELECT 'word', word.name, array_to_json(array_agg(listing_id))
        FROM goods_facts
        CROSS JOIN LATERAL unnest(tsvector_to_array(to_tsvector('simple', title))) AS word (name)
        WHERE stall_id = :stall
          AND length(word.name) > 3
          AND word.name ~ '^[[:alpha:]]+$'
        GROUP BY word.name
        HAVING count(*) >= :few
        SQL;

    public function __construct(private Stall $stall)
    {
    }

    /** @return array<int, array{goods: int, buyable: int}> by shelf; a shelf that holds nothing isn't among them */
    public function counts(): array
    {
        $counts = [];
        foreach (DB::select(self::COUNTS, [$this->stall->id]) as $row) {
            $counts[(int) $row->id] = ['goods' => (int) $row->goods, 'buyable' => (int) $row->buyable];
        }

        return $counts;
    }

    /**
     * @param  array<int, array{goods: int, buyable: int}>  $counts
     * @return array<int, int> shelf → one before it that holds nearly the same
     */
    public function nearlySame(array $counts): array
    {
        $same = [];
        foreach (DB::select(self::BOTH, [$this->stall->id]) as $row) {
            $one = $counts[(int) $row->one]['goods'] ?? 0;
            $other = $counts[(int) $row->other]['goods'] ?? 0;
            if (Overlap::nearlySame((int) $row->goods, $one, $other)) {
                $same[(int) $row->other] ??= (int) $row->one;
            }
        }

        return $same;
    }

    /** @return list<int> goods in the window that stand on no shelf */
    public function homeless(): array
    {
        $rows = DB::select(self::HOMELESS.' ORDER BY facts.listing_id', [$this->stall->id]);

        return array_map(intval(...), array_column($rows, 'listing_id'));
    }

    public function all(): int
    {
        return ShelfGoods::all($this->stall)->count();
    }

    /** @return list<array{candidate: Candidate, homeless: int}> */
    public function proposals(): array
    {
        $candidates = array_values(array_map(
            static fn (\stdClass $row): Candidate => new Candidate(
                $row->by === 'word' ? Word::OfTitles : ShelfField::from($row->by),
                (string) $row->name,
                array_values(array_map(intval(...), (array) json_decode((string) $row->goods, true))),
            ),
            DB::select(self::GROUPS, ['stall' => $this->stall->id, 'few' => Overlap::FEW]),
        ));
        $standing = [];
        foreach (DB::table('shelf_goods')->where('stall_id', $this->stall->id)->get(['shelf_id', 'listing_id']) as $row) {
            $standing[(int) $row->shelf_id][] = (int) $row->listing_id;
        }

        return Proposals::choose($candidates, array_values($standing), $this->all());
    }
}
