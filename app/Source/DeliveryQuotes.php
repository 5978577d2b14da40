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

    public function forget(SupplierConnection $connection): void
    {
        DB::table('delivery_quotes')->where('connection_id', $connection->id)->delete();
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
