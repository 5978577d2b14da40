<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\LandsItems;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;

/**
 * Works out what every item costs in the hands of a shopper in each of the stall's markets, and every variant in its
 * home market.
 *
 * Delivery is asked for once per warehouse and weight and kept; core picks the offer. Figures are written back set by
 * set.
 *
 * @phpstan-type LandedRow array{
 *     item: int|string, external: string, goods: int|null, delivery: int|null, landed: int|null, dmin: int|null,
 *     dmax: int|null, wh: string|null, method: string|null, first: int|null, further: int|null, beyond: int,
 * }
 */
final readonly class LandItems
{
    private const CHUNK = 500;

    /** Only what differs is written, so that a pull that found nothing new touches nothing. */
    private const AT_HOME = <<<'SQL'
        UPDATE supplier_variants AS variant
        SET goods_minor = landed.goods,
            delivery_minor = landed.delivery,
            landed_minor = landed.landed,
            first_minor = landed.first,
            further_minor = landed.further,
            days_min = landed.dmin,
            days_max = landed.dmax,
            warehouse = landed.wh,
            method = landed.method,
            out_of_reach = landed.beyond
        FROM jsonb_to_recordset(?::jsonb) AS landed (
            item bigint, external text, first bigint, further bigint, beyond int, goods bigint, delivery bigint,
            landed bigint, dmin int, dmax int, wh char(2), method text
        )
        WHERE variant.supplier_item_id = landed.item
          AND variant.external_id = landed.external
          AND (
              variant.goods_minor, variant.delivery_minor, variant.landed_minor, variant.first_minor,
              variant.further_minor, variant.days_min, variant.days_max, variant.warehouse, variant.method,
              variant.out_of_reach
          ) IS DISTINCT FROM (
              landed.goods, landed.delivery, landed.landed, landed.first, landed.further,
              landed.dmin, landed.dmax, landed.wh, landed.method, landed.beyond
          )
        SQL;

    private const ITEMS = <<<'SQL'
        INSERT INTO item_landings AS stood (
            supplier_item_id, market, stall_id, connection_id, goods_minor, delivery_minor, landed_minor,
            days_min, days_max, warehouse, stock, variants, rating, category
        )
        SELECT item, :market, :stall, :connection, goods, delivery, landed, dmin, dmax, wh, stock, variants, rating,
               category
        FROM jsonb_to_recordset(:items::jsonb) AS landed (
            item bigint, stock bigint, variants int, rating int, category text, goods bigint, delivery bigint,
            landed bigint, dmin int, dmax int, wh char(2)
        )
        ON CONFLICT (supplier_item_id, market) DO UPDATE
        SET goods_minor = excluded.goods_minor,
            delivery_minor = excluded.delivery_minor,
            landed_minor = excluded.landed_minor,
            days_min = excluded.days_min,
            days_max = excluded.days_max,
            warehouse = excluded.warehouse,
            stock = excluded.stock,
            variants = excluded.variants,
            rating = excluded.rating,
            category = excluded.category
        WHERE (
            stood.goods_minor, stood.delivery_minor, stood.landed_minor, stood.days_min, stood.days_max,
            stood.warehouse, stood.stock, stood.variants, stood.rating, stood.category
        ) IS DISTINCT FROM (
            excluded.goods_minor, excluded.delivery_minor, excluded.landed_minor, excluded.days_min, excluded.days_max,
            excluded.warehouse, excluded.stock, excluded.variants, excluded.rating, excluded.category
        )
        SQL;

    /** Variants that have a listing, or stand in for one, as they were landed. */
    private const LISTED = <<<'SQL'
        SELECT variant.id, variant.stall_id, landed.*
        FROM jsonb_to_recordset(?::jsonb) AS landed (
            item bigint, external text, first bigint, further bigint, landed bigint, dmin int, dmax int, wh char(2),
            method text
        )
        JOIN supplier_variants AS variant ON variant.supplier_item_id = landed.item
            AND variant.external_id = landed.external
        WHERE (
            EXISTS (SELECT 1 FROM listing_variants AS sold WHERE sold.supplier_variant_id = variant.id)
            OR EXISTS (SELECT 1 FROM variant_sources AS source WHERE source.supplier_variant_id = variant.id)
        )
        SQL;

    private const ABROAD_GONE = <<<'SQL'
        DELETE FROM variant_landings AS stood
        USING (%s) AS listed
        WHERE stood.market = ?
          AND stood.supplier_variant_id = listed.id
          AND listed.landed IS NULL
        SQL;

    private const ABROAD = <<<'SQL'
        INSERT INTO variant_landings (
            stall_id, supplier_variant_id, market, first_minor, further_minor, days_min, days_max, warehouse, method
        )
        SELECT stall_id, id, ?, first, further, dmin, dmax, wh, method
        FROM (%s) AS listed
        WHERE landed IS NOT NULL
        ON CONFLICT (supplier_variant_id, market) DO UPDATE
        SET first_minor = excluded.first_minor,
            further_minor = excluded.further_minor,
            days_min = excluded.days_min,
            days_max = excluded.days_max,
            warehouse = excluded.warehouse,
            method = excluded.method
        SQL;

    public function __construct(private DeliveryQuotes $quotes)
    {
    }

    /**
     * @param  list<string>|null  $markets  all of the stall's when null
     * @param  list<string>|null  $only  the supplier's ids of the items that count; all when null
     * @param  bool  $unsettled  whether only those count of which something was said that isn't worked in yet
     * @param  (callable(int): void)|null  $progress  told how many items are done; it may throw to stop
     *
     * @throws SupplierTrouble
     */
    public function __invoke(
        Stall $stall,
        ?SupplierConnection $connection = null,
        ?array $markets = null,
        ?array $only = null,
        bool $unsettled = false,
        ?callable $progress = null,
    ): void {
        $markets ??= $stall->markets();
        $connections =
            $connection === null
                ? SupplierConnection::withOwn($stall)->whereNull('disconnected_at')->get()
                : [$connection];
        $done = 0;
        foreach ($connections as $connection) {
            SupplierItem::query()
                ->with('words')
                ->where('connection_id', $connection->id)
                ->whereNull('gone_at')
                ->when($only !== null, fn ($q) => $q->whereIn('external_id', $only))
                ->when(
                    $unsettled,
                    fn ($q) => $q->whereIn(
                        'id',
                        DB::table('unsettled_items')
                            ->where('connection_id', $connection->id)
                            ->select('supplier_item_id'),
                    ),
                )
                ->chunkById(self::CHUNK, function (Collection $rows) use (
                    $stall,
                    $connection,
                    $markets,
                    $progress,
                    &$done,
                ): void {
                    $this->chunk($stall, $connection, $rows, $markets);
                    $done += $rows->count();
                    if ($progress !== null) {
                        $progress($done);
                    }
                });
        }
    }

    /**
     * Every variant of one item landed in a market.
     *
     * @return array<string, LandedCost> by the supplier's variant id; those that can't be delivered are missing
     *
     * @throws SupplierTrouble
     */
    public function variants(Stall $stall, SupplierConnection $connection, Item $item, string $market): array
    {
        $lands = $this->lands($stall, $connection, [$item], $market);
        $landed = [];
        foreach ($item->variants as $variant) {
            $best = $lands->variant($item, $variant);
            if ($best !== null) {
                $landed[$variant->id] = $best;
            }
        }

        return $landed;
    }

    /**
     * @param  Collection<int, SupplierItem>  $rows
     * @param  list<string>  $markets
     */
    private function chunk(Stall $stall, SupplierConnection $connection, Collection $rows, array $markets): void
    {
        /** @var array<int, Item> $items */
        $items = [];
        foreach ($rows as $row) {
            $item = $row->words?->item();
            if ($item !== null) {
                $items[$row->id] = $item;
            }
        }
        foreach ($markets as $market) {
            ['variants' => $variants, 'items' => $landed] = $this->figures($stall, $connection, $items, $market);
            $about = array_map(static fn (array $row): array => $row + self::about($items[$row['item']]), $landed);
            $this->write($connection, $market, $market === $stall->home_market, $variants, $about);
        }
    }

    /**
     * What goods cost landed in a market: every variant, and each item by its cheapest. Nothing is written.
     *
     * @param  array<array-key, Item>  $items
     * @return array{variants: list<LandedRow>, items: list<LandedRow>} each named by its item's key
     *
     * @throws SupplierTrouble
     */
    public function figures(Stall $stall, SupplierConnection $connection, array $items, string $market): array
    {
        $lands = $this->lands($stall, $connection, array_values($items), $market);
        $figures = ['variants' => [], 'items' => []];
        foreach ($items as $key => $item) {
            foreach ($item->variants as $variant) {
                $landed = $lands->variant($item, $variant);
                $beyond = $item->giving === null ? $lands->outOfReach($variant) : 0;
                $figures['variants'][] = self::row($key, $variant->id, $landed, $beyond, $item->giving === null);
            }
            $figures['items'][] = self::row($key, '', $lands->cheapest($item), 0, $item->giving === null);
        }

        return $figures;
    }

    /**
     * @param  list<Item>  $items
     *
     * @throws SupplierTrouble
     */
    private function lands(Stall $stall, SupplierConnection $connection, array $items, string $market): LandsItems
    {
        $sheet = CostSheet::of($stall);

        return new LandsItems(
            $this->quotes->for($connection, $market, $items),
            $sheet->rates(),
            $sheet->duty($market),
            $sheet->parcelOf($connection->id),
        );
    }

    /** @return array{stock: int, variants: int, rating: int|null, category: string} what is shown beside it */
    private static function about(Item $item): array
    {
        return [
            'stock' => array_sum(array_map(static fn (Variant $v): int => $v->pieces(), $item->variants)),
            'variants' => count($item->variants),
            'rating' => $item->ratingTenths,
            'category' => $item->category,
        ];
    }

    /**
     * @param  bool  $posted  whether it takes days at all
     * @return LandedRow
     */
    private static function row(int|string $item, string $external, ?LandedCost $landed, int $beyond, bool $posted): array
    {
        $days = $posted ? $landed?->by->days : null;

        return [
            'item' => $item,
            'external' => $external,
            'goods' => $landed?->goods->minor,
            'delivery' => $landed?->delivery->minor,
            'landed' => $landed?->total->minor,
            'dmin' => $days?->min,
            'dmax' => $days?->max,
            'wh' => $posted ? $landed?->by->warehouse : null,
            'method' => $landed?->by->method,
            'first' => $landed?->by->delivery->minor,
            'further' => ($landed?->by->further ?? $landed?->by->delivery)?->minor,
            'beyond' => $beyond,
        ];
    }

    /**
     * Writes only what differs, so that a pull that found nothing new touches nothing.
     *
     * @param  list<array<string, mixed>>  $variants
     * @param  list<array<string, mixed>>  $items
     */
    private function write(
        SupplierConnection $connection,
        string $market,
        bool $home,
        array $variants,
        array $items,
    ): void {
        DB::transaction(function () use ($connection, $market, $home, $variants, $items): void {
            $said = json_encode($variants, JSON_THROW_ON_ERROR);
            $home ? DB::update(self::AT_HOME, [$said]) : $this->abroad($market, $said);
            DB::insert(self::ITEMS, [
                'market' => $market,
                'stall' => $connection->stall_id,
                'connection' => $connection->id,
                'items' => json_encode($items, JSON_THROW_ON_ERROR),
            ]);
        });
    }

    /**
     * Away from home only variants that have a listing, or stand in for one, are kept one by one: prices there are made
     * from it.
     */
    private function abroad(string $market, string $variants): void
    {
        DB::delete(sprintf(self::ABROAD_GONE, self::LISTED), [$variants, $market]);
        DB::insert(sprintf(self::ABROAD, self::LISTED), [$market, $variants]);
    }
}
