<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\SupplierItem as Item;
use WindowStall\Source\Connectors\Parcel;
use WindowStall\Source\Connectors\Quote;
use WindowStall\Source\Connectors\SupplierTrouble;

/** What suppliers ask for delivery, kept by warehouse, destination and weight; only what isn't known is asked. */
final class DeliveryQuotes
{
    /** Of parcels of a weight that no variant has any more. */
    private const UNWANTED = <<<'SQL'
        DELETE FROM delivery_quotes AS quote
        WHERE quote.connection_id = :connection
          AND quote.grams NOT IN (
              SELECT variant.grams
              FROM supplier_variants AS variant
              JOIN supplier_items AS item ON item.id = variant.supplier_item_id
              WHERE item.connection_id = :connection
                AND variant.grams IS NOT NULL
          )
        SQL;

    private const VERSION = <<<'SQL'
        SELECT md5(string_agg(concat_ws('|', warehouse, destination, grams, methods), ';' ORDER BY warehouse, destination, grams))
        FROM delivery_quotes
        WHERE connection_id = :connection
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
                    $wanted[$warehouse.'|'.$variant->grams] ??= new Parcel($warehouse, $market, $variant->grams);
                }
            }
        }
        $known = $this->known($connection, $market, $wanted);
        $missing = array_diff_key($wanted, $known);

        return $missing === [] ? $known : $known + $this->ask($connection, $missing);
    }

    /**
     * Asks again for everything that is kept and still wanted.
     *
     * @throws SupplierTrouble
     */
    public function refresh(SupplierConnection $connection): void
    {
        DB::delete(self::UNWANTED, ['connection' => $connection->id]);
        $kept = DB::table('delivery_quotes')->where('connection_id', $connection->id)->get();
        $parcels = [];
        foreach ($kept as $row) {
            $key = $row->warehouse.'|'.$row->grams.'|'.$row->destination;
            $parcels[$key] = new Parcel((string) $row->warehouse, (string) $row->destination, (int) $row->grams);
        }
        $parcels === [] || $this->ask($connection, $parcels);
    }

    /** The same as long as no quote moved. */
    public function version(SupplierConnection $connection): string
    {
        return (string) DB::scalar(self::VERSION, ['connection' => $connection->id]);
    }

    /**
     * @param  array<string, Parcel>  $wanted
     * @return array<string, list<Quote>>
     */
    private function known(SupplierConnection $connection, string $market, array $wanted): array
    {
        $known = [];
        $grams = array_values(array_unique(array_map(static fn (Parcel $p): int => $p->grams, $wanted)));
        foreach (DB::table('delivery_quotes')->where('connection_id', $connection->id)->where('destination', $market)->whereIn('grams', $grams)->get() as $row) {
            $known[$row->warehouse.'|'.$row->grams] = array_map(static fn (array $q): Quote => new Quote(...$q), array_values((array) json_decode((string) $row->methods, true)));
        }

        return $known;
    }

    /**
     * @param  array<string, Parcel>  $parcels
     * @return array<string, list<Quote>>
     */
    private function ask(SupplierConnection $connection, array $parcels): array
    {
        $answers = $connection->connector()->quotes($connection->access(), array_values($parcels));
        $rows = [];
        $asked = [];
        foreach (array_keys($parcels) as $i => $key) {
            $asked[$key] = $answers[$i];
            $rows[] = [
                'connection_id' => $connection->id, 'warehouse' => $parcels[$key]->warehouse, 'destination' => $parcels[$key]->destination, 'grams' => $parcels[$key]->grams,
                'methods' => json_encode(array_map(static fn (Quote $q): array => [$q->method, $q->price, $q->daysMin, $q->daysMax, $q->further], $answers[$i])), 'quoted_at' => now(),
            ];
        }
        foreach (array_chunk($rows, 1000) as $some) {
            DB::table('delivery_quotes')->upsert($some, ['connection_id', 'warehouse', 'destination', 'grams'], ['methods', 'quoted_at']);
        }

        return $asked;
    }
}
