<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\Copy;

/**
 * What goods cost landed that are stored for the first time: reckoned before, and written with them, so that none of
 * their rows is written twice.
 *
 * @phpstan-import-type LandedRow from LandItems
 *
 * @phpstan-type FirstFigures array{variants: list<LandedRow>, items: array<string, list<LandedRow>>}
 */
final readonly class FirstLandings
{
    /** {@see \WindowStall\Source\Pulling\SaveItems} takes what variants cost from here. */
    private const STAGE_VARIANTS = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS stage_landed (
            item text, external_id text, goods bigint, delivery bigint, landed bigint, dmin int, dmax int,
            wh char(2), method text, first bigint, further bigint, beyond int
        )
        SQL;

    private const STAGE_ITEMS = <<<'SQL'
        CREATE TEMP TABLE IF NOT EXISTS stage_item_landings (
            item text, market char(2), goods bigint, delivery bigint, landed bigint, dmin int, dmax int, wh char(2)
        )
        SQL;

    private const VARIANT = [
        'item', 'external_id', 'goods', 'delivery', 'landed', 'dmin', 'dmax', 'wh', 'method', 'first', 'further', 'beyond',
    ];

    private const ITEM = ['item', 'market', 'goods', 'delivery', 'landed', 'dmin', 'dmax', 'wh'];

    /** What stood there already is landed with all that changed. */
    private const PUT_ITEMS = <<<'SQL'
        INSERT INTO item_landings (
            supplier_item_id, market, stall_id, connection_id, goods_minor, delivery_minor, landed_minor,
            days_min, days_max, warehouse, stock, variants, rating, category
        )
        SELECT item.id, landed.market, item.stall_id, item.connection_id, landed.goods, landed.delivery, landed.landed,
               landed.dmin, landed.dmax, landed.wh, item.stock, item.variants_count, item.rating, item.category
        FROM stage_item_landings AS landed
        JOIN supplier_items AS item ON item.connection_id = :connection AND item.external_id = landed.item
        ON CONFLICT (supplier_item_id, market) DO NOTHING
        SQL;

    public const NONE = ['variants' => [], 'items' => []];

    public function __construct(private LandItems $land)
    {
    }

    /**
     * @param  list<Item>  $items  each once
     * @return FirstFigures variants at home, items by market
     *
     * @throws SupplierTrouble
     */
    public function of(Stall $stall, SupplierConnection $connection, array $items): array
    {
        $items = array_combine(array_map(static fn (Item $item): string => $item->id, $items), $items);
        $landed = self::NONE;
        foreach ($stall->markets() as $market) {
            $figures = $this->land->figures($stall, $connection, $items, $market);
            $landed['items'][$market] = $figures['items'];
            if ($market === $stall->home_market) {
                $landed['variants'] = $figures['variants'];
            }
        }

        return $landed;
    }

    /**
     * Lays them by for the goods that are written next; of those that were there before, none.
     *
     * @param  FirstFigures  $landed
     */
    public function layBy(array $landed): void
    {
        DB::statement(self::STAGE_VARIANTS);
        DB::statement(self::STAGE_ITEMS);
        DB::statement('TRUNCATE stage_landed, stage_item_landings');
        Copy::into('stage_landed', self::VARIANT, self::variants($landed['variants']));
        foreach ($landed['items'] as $market => $items) {
            Copy::into('stage_item_landings', self::ITEM, self::items($market, $items));
        }
    }

    public function put(SupplierConnection $connection): void
    {
        DB::insert(self::PUT_ITEMS, ['connection' => $connection->id]);
    }

    /**
     * @param  list<LandedRow>  $rows
     * @return \Generator<int, list<string|int|null>>
     */
    private static function variants(array $rows): \Generator
    {
        $seen = [];
        foreach ($rows as $row) {
            // The same id twice in one item: the first stands.
            $variant = $row['item']."\0".$row['external'];
            if (! isset($seen[$variant])) {
                $seen[$variant] = true;
                yield [
                    $row['item'], $row['external'], $row['goods'], $row['delivery'], $row['landed'], $row['dmin'],
                    $row['dmax'], $row['wh'], $row['method'], $row['first'], $row['further'], $row['beyond'],
                ];
            }
        }
    }

    /**
     * @param  list<LandedRow>  $rows
     * @return \Generator<int, list<string|int|null>>
     */
    private static function items(string $market, array $rows): \Generator
    {
        foreach ($rows as $row) {
            yield [
                $row['item'], $market, $row['goods'], $row['delivery'], $row['landed'], $row['dmin'], $row['dmax'],
                $row['wh'],
            ];
        }
    }
}
