<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Landing\LandedCost;
use WindowStall\Core\Landing\Offer;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\SupplierItem as Item;
use WindowStall\Core\Source\SupplierVariant as Variant;
use WindowStall\Source\Connectors\Parcel;
use WindowStall\Source\Connectors\Quote;
use WindowStall\Stall\Stall;

/**
 * Works out what every variant costs in the hands of a shopper in the stall's home market.
 *
 * Delivery is asked for once per warehouse and weight and kept; core picks the offer. Figures are written back set by set.
 */
final class LandItems
{
    private const CHUNK = 300;

    /**
     * @param  bool  $askAgain  whether kept quotes are thrown away first
     * @param  callable(int): void|null  $progress  told how many items are done
     */
    public function __invoke(Stall $stall, ?SupplierConnection $only = null, bool $askAgain = false, ?callable $progress = null): void
    {
        $connections = $only === null ? $stall->connections()->get() : [$only];
        foreach ($connections as $connection) {
            if ($askAgain) {
                DB::table('delivery_quotes')->where('connection_id', $connection->id)->delete();
            }
            $done = 0;
            SupplierItem::query()->with('words')->where('connection_id', $connection->id)->whereNull('gone_at')->chunkById(self::CHUNK, function (Collection $rows) use ($stall, $connection, $progress, &$done): void {
                $this->chunk($stall, $connection, $rows);
                $done += $rows->count();
                if ($progress !== null) {
                    $progress($done);
                }
            });
        }
    }

    /** @param  Collection<int, SupplierItem>  $rows */
    private function chunk(Stall $stall, SupplierConnection $connection, Collection $rows): void
    {
        /** @var array<int, Item> $items */
        $items = [];
        $wanted = [];
        foreach ($rows as $row) {
            $item = $row->words?->item();
            if ($item === null) {
                continue;
            }
            $items[$row->id] = $item;
            foreach ($item->variants as $variant) {
                foreach (array_keys($variant->stock) as $warehouse) {
                    $wanted[$warehouse.'|'.$variant->grams] = new Parcel($warehouse, $stall->home_market, $variant->grams);
                }
            }
        }
        $quotes = $this->quotes($connection, $stall->home_market, $wanted);
        $variantRows = [];
        $itemRows = [];
        foreach ($items as $rowId => $item) {
            $rate = $stall->rateFrom($item->currency);
            $cheapest = null;
            foreach ($item->variants as $variant) {
                $landed = $this->land($item, $variant, $quotes, $rate);
                $variantRows[] = ['item' => $rowId, 'external' => $variant->id] + $this->columns($landed);
                if ($landed !== null && ($cheapest === null || $landed->total->compare($cheapest->total) < 0)) {
                    $cheapest = $landed;
                }
            }
            $itemRows[] = [
                'item' => $rowId,
                'stock' => array_sum(array_map(static fn (Variant $v): int => $v->pieces(), $item->variants)),
                'cost' => $item->variants === [] ? null : min(array_map(static fn (Variant $v): int => $v->cost->minor, $item->variants)),
            ] + $this->columns($cheapest);
        }
        $this->write($variantRows, $itemRows);
    }

    /** @param  array<string, list<Quote>>  $quotes */
    private function land(Item $item, Variant $variant, array $quotes, ExchangeRate $rate): ?LandedCost
    {
        $offers = [];
        foreach ($variant->stock as $warehouse => $pieces) {
            foreach ($quotes[$warehouse.'|'.$variant->grams] ?? [] as $quote) {
                $offers[] = new Offer($warehouse, $quote->method, Money::of($quote->price, $item->currency), (new DayRange($quote->daysMin, $quote->daysMax))->after($item->processing), $pieces);
            }
        }

        return LandedCost::best($variant->cost, $offers, $rate);
    }

    /**
     * @param  array<string, Parcel>  $wanted
     * @return array<string, list<Quote>> by "warehouse|grams"
     */
    private function quotes(SupplierConnection $connection, string $market, array $wanted): array
    {
        $known = [];
        $grams = array_values(array_unique(array_map(static fn (Parcel $p): int => $p->grams, $wanted)));
        foreach (DB::table('delivery_quotes')->where('connection_id', $connection->id)->where('destination', $market)->whereIn('grams', $grams)->get() as $row) {
            $known[$row->warehouse.'|'.$row->grams] = array_map(static fn (array $q): Quote => new Quote(...$q), array_values((array) json_decode((string) $row->methods, true)));
        }
        $missing = array_diff_key($wanted, $known);
        if ($missing !== []) {
            $answers = $connection->connector()->quotes($connection->access(), array_values($missing));
            $rows = [];
            foreach (array_keys($missing) as $i => $key) {
                $known[$key] = $answers[$i];
                $rows[] = ['connection_id' => $connection->id, 'warehouse' => $missing[$key]->warehouse, 'destination' => $market, 'grams' => $missing[$key]->grams, 'methods' => json_encode(array_map(static fn (Quote $q): array => [$q->method, $q->price, $q->daysMin, $q->daysMax], $answers[$i])), 'quoted_at' => now()];
            }
            DB::table('delivery_quotes')->upsert($rows, ['connection_id', 'warehouse', 'destination', 'grams'], ['methods', 'quoted_at']);
        }

        return $known;
    }

    /** @return array{goods: int|null, delivery: int|null, landed: int|null, dmin: int|null, dmax: int|null, wh: string|null, method: string|null} */
    private function columns(?LandedCost $landed): array
    {
        return [
            'goods' => $landed?->goods->minor, 'delivery' => $landed?->delivery->minor, 'landed' => $landed?->total->minor,
            'dmin' => $landed?->by->days->min, 'dmax' => $landed?->by->days->max, 'wh' => $landed?->by->warehouse, 'method' => $landed?->by->method,
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $variants
     * @param  list<array<string, mixed>>  $items
     */
    private function write(array $variants, array $items): void
    {
        $shape = 'goods bigint, delivery bigint, landed bigint, dmin int, dmax int, wh text, method text';
        $set = 'goods_minor = r.goods, delivery_minor = r.delivery, landed_minor = r.landed, days_min = r.dmin, days_max = r.dmax, warehouse = r.wh';
        DB::transaction(function () use ($variants, $items, $shape, $set): void {
            DB::update("UPDATE supplier_variants v SET $set, method = r.method FROM jsonb_to_recordset(?::jsonb) AS r(item bigint, external text, $shape) WHERE v.supplier_item_id = r.item AND v.external_id = r.external", [json_encode($variants, JSON_THROW_ON_ERROR)]);
            DB::update("UPDATE supplier_items i SET $set, stock = r.stock, cost_minor = r.cost FROM jsonb_to_recordset(?::jsonb) AS r(item bigint, stock int, cost bigint, $shape) WHERE i.id = r.item", [json_encode($items, JSON_THROW_ON_ERROR)]);
        });
    }
}
