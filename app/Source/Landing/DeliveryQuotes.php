<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Landing\LandsItems;
use WindowStall\Core\Landing\Quote;
use WindowStall\Core\Source\Item;
use WindowStall\Source\Connectors\ParcelToQuote;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;

/** What suppliers ask for delivery, kept by warehouse, destination and weight; only what isn't known is asked. */
final class DeliveryQuotes
{
    /** Of parcels of a weight that no variant has any more. */
    private const UNWANTED = <<<'SQL'
        WITH wanted AS MATERIALIZED (
            SELECT DISTINCT variant.grams
            FROM supplier_items AS item
            JOIN supplier_variants AS variant ON variant.supplier_item_id = item.id
            WHERE item.connection_id = :connection
        )
        DELETE FROM delivery_quotes AS quote
        WHERE quote.connection_id = :connection
          AND NOT EXISTS (SELECT 1 FROM wanted WHERE wanted.grams = quote.grams)
        SQL;

    /**
     * @param  list<Item>  $items
     * @return array<string, list<Quote>> by "warehouse|grams", for a parcel with one piece
     *
     * @throws SupplierTrouble
     */
    public function for(SupplierConnection $connection, string $market, array $items): array
    {
        $wanted = [];
        foreach ($items as $item) {
            foreach ($item->variants as $variant) {
                foreach ($variant->stock as $warehouse => $pieces) {
                    $wanted[LandsItems::key($warehouse, $variant->grams)] ??= new ParcelToQuote($warehouse, $market, $variant->grams);
                }
            }
        }
        $known = $this->known($connection, $market, $wanted);
        $missing = array_diff_key($wanted, $known);

        return $missing === [] ? $known : $known + $this->ask($connection, $missing);
    }

    /**
     * Asks again for everything that is kept and still wanted. Where an answer is another one, the supplier's goods
     * have to be landed anew: that is noted before any of it is kept.
     *
     * @throws SupplierTrouble
     */
    public function refresh(SupplierConnection $connection): void
    {
        DB::delete(self::UNWANTED, ['connection' => $connection->id]);
        $kept = DB::table('delivery_quotes')->where('connection_id', $connection->id)->get();
        $parcels = $before = [];
        foreach ($kept as $row) {
            $parcels[] = new ParcelToQuote((string) $row->warehouse, (string) $row->destination, (int) $row->grams);
            $before[] = json_decode((string) $row->methods, true);
        }
        if ($parcels === []) {
            return;
        }
        $answers = $connection->connector()->quotes($connection->access(), $parcels);
        if (array_map(self::said(...), $answers) !== $before) {
            $connection->update(['landed_by' => null]);
        }
        $this->keep($connection, $parcels, $answers);
    }

    /**
     * @param  array<string, ParcelToQuote>  $wanted
     * @return array<string, list<Quote>>
     */
    private function known(SupplierConnection $connection, string $market, array $wanted): array
    {
        $known = [];
        $grams = array_values(array_unique(array_map(static fn (ParcelToQuote $p): int => $p->grams, $wanted)));
        $rows = DB::table('delivery_quotes')
            ->where('connection_id', $connection->id)
            ->where('destination', $market)
            ->whereIn('grams', $grams)
            ->get();
        foreach ($rows as $row) {
            $methods = array_values((array) json_decode((string) $row->methods, true));
            $known[LandsItems::key($row->warehouse, (int) $row->grams)] = array_map(
                static fn (array $q): Quote => new Quote(...$q),
                $methods,
            );
        }

        return $known;
    }

    /**
     * @param  array<string, ParcelToQuote>  $parcels
     * @return array<string, list<Quote>>
     */
    private function ask(SupplierConnection $connection, array $parcels): array
    {
        $answers = $connection->connector()->quotes($connection->access(), array_values($parcels));
        $this->keep($connection, array_values($parcels), $answers);

        return array_combine(array_keys($parcels), $answers);
    }

    /**
     * @param  list<ParcelToQuote>  $parcels
     * @param  list<list<Quote>>  $answers
     */
    private function keep(SupplierConnection $connection, array $parcels, array $answers): void
    {
        $rows = [];
        foreach ($parcels as $n => $parcel) {
            $rows[] = [
                'connection_id' => $connection->id,
                'warehouse' => $parcel->warehouse,
                'destination' => $parcel->destination,
                'grams' => $parcel->grams,
                'methods' => json_encode(self::said($answers[$n]), JSON_THROW_ON_ERROR),
                'quoted_at' => now(),
            ];
        }
        foreach (array_chunk($rows, 1000) as $some) {
            $key = ['connection_id', 'warehouse', 'destination', 'grams'];
            DB::table('delivery_quotes')->upsert($some, $key, ['methods', 'quoted_at']);
        }
    }

    /**
     * @param  list<Quote>  $quotes
     * @return list<array{string, int, int, int, int|null}> as they are kept
     */
    private static function said(array $quotes): array
    {
        return array_map(
            static fn (Quote $q): array => [$q->method, $q->price, $q->daysMin, $q->daysMax, $q->further],
            $quotes,
        );
    }
}
