<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** Takes an order once per idempotency key: reserves stock, works out goods and the cheapest parcel, writes it down. */
final class TakeOrder
{
    /**
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @param  array<string, string>  $address
     * @return array{\stdClass, bool} the order, and whether this call made it
     *
     * @throws Refused
     */
    public function __invoke(
        string $key,
        string $idempotencyKey,
        string $reference,
        array $lines,
        array $address,
    ): array {
        return Books::db()->transaction(function () use ($key, $idempotencyKey, $reference, $lines, $address): array {
            // Two requests with the same key queue up here, and the second finds the first one's order.
            Books::db()->select('SELECT pg_advisory_xact_lock(hashtext(?))', [$key.$idempotencyKey]);
            $known = Books::table('orders')->where('key', $key)->where('idempotency_key', $idempotencyKey)->first();
            if ($known !== null) {
                return [$known, false];
            }
            [$goods, $parcels, $kept] = $this->pick($lines);
            [$delivery, $method] = $this->carry($parcels, $address['country']);
            $id = Books::table('orders')->insertGetId([
                'key' => $key,
                'idempotency_key' => $idempotencyKey,
                'reference' => $reference,
                'state' => 'received',
                'lines' => json_encode($kept),
                'address' => json_encode($address),
                'goods' => $goods,
                'delivery' => $delivery,
                'method' => $method,
                'created_at' => now(),
                'updated_at' => now(),
            ]);

            return [Books::table('orders')->where('id', $id)->firstOrFail(), true];
        });
    }

    /**
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @return array{int, array<string, int>, list<array<string, mixed>>} goods in cents, grams by warehouse, lines as
     *     kept
     */
    private function pick(array $lines): array
    {
        $goods = 0;
        $grams = [];
        $kept = [];
        foreach ($lines as $line) {
            $variant = Books::table('variants')
                ->where('id', $line['variant'])
                ->where('dropped', false)
                ->lockForUpdate()
                ->first();
            if ($variant === null) {
                throw new Refused(sprintf('%s isn’t sold any more.', $line['variant']));
            }
            /** @var array<string, int> $stock */
            $stock = json_decode($variant->stock, true);
            $warehouse = null;
            // The one that is asked for, if it can; else the nearest.
            foreach (array_filter([$line['warehouse'] ?? null, 'GB', 'DE', 'US', 'CN']) as $place) {
                if (($stock[$place] ?? 0) >= $line['quantity']) {
                    $warehouse = $place;
                    break;
                }
            }
            if ($warehouse === null) {
                throw new Refused(
                    sprintf(
                        '%s is sold out: %d asked for, %d left.',
                        $variant->sku,
                        $line['quantity'],
                        array_sum($stock),
                    ),
                );
            }
            $stock[$warehouse] -= $line['quantity'];
            Books::table('variants')
                ->where('id', $variant->id)
                ->update(['stock' => json_encode($stock)]);
            $goods += $variant->cost * $line['quantity'];
            $grams[$warehouse] = ($grams[$warehouse] ?? 0) + $variant->grams * $line['quantity'];
            $kept[] = [
                'variant' => $variant->id,
                'title' => implode(' ', json_decode($variant->options, true)),
                'item' => $variant->item_id,
                'quantity' => $line['quantity'],
                'warehouse' => $warehouse,
            ];
        }

        return [$goods, $grams, $kept];
    }

    /**
     * @param  array<string, int>  $parcels
     * @return array{int, string}
     */
    private function carry(array $parcels, string $country): array
    {
        $total = 0;
        foreach ($parcels as $warehouse => $grams) {
            $quotes = Tariff::quote($warehouse, $country, $grams);
            if ($quotes === []) {
                throw new Refused(sprintf('Nothing is sent from %s to %s.', $warehouse, $country));
            }
            $total += min(array_column($quotes, 'price'));
        }

        return [$total, 'Economy'];
    }
}
