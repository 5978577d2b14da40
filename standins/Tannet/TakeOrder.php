<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

/** Takes an order once per idempotency key: looks at each file, works out printing and the cheapest parcel, writes it down. */
final class TakeOrder
{
    /**
     * @param  list<array<string, mixed>>  $lines  sku, quantity, prints
     * @param  array<string, string>  $address
     * @param  list<string>  $extras
     * @return array{\stdClass, bool} the order, and whether this call made it
     *
     * @throws Refused
     */
    public function __invoke(string $key, string $idempotencyKey, string $reference, array $lines, array $address, array $extras): array
    {
        return Books::db()->transaction(function () use ($key, $idempotencyKey, $reference, $lines, $address, $extras): array {
            // Two requests with the same key queue up here, and the second finds the first one's order.
            Books::db()->select('SELECT pg_advisory_xact_lock(hashtext(?))', [$key.$idempotencyKey]);
            $known = Books::db()->table('orders')->where('key', $key)->where('idempotency_key', $idempotencyKey)->first();
            if ($known !== null) {
                return [$known, false];
            }
            $goods = $grams = 0;
            foreach ($lines as $line) {
                [$cost, $weight] = self::line($key, $line);
                $goods += $cost;
                $grams += $weight;
            }
            $parcels = Books::quote($address['country'], max(1, $grams));
            if ($parcels === []) {
                throw new Refused('Nothing is sent from the Netherlands to '.$address['country'].'.');
            }
            $id = Books::db()->table('orders')->insertGetId([
                'key' => $key,
                'idempotency_key' => $idempotencyKey,
                'reference' => $reference,
                'state' => 'received',
                'lines' => json_encode($lines, JSON_THROW_ON_ERROR),
                'address' => json_encode($address, JSON_THROW_ON_ERROR),
                'extras' => json_encode($extras, JSON_THROW_ON_ERROR),
                'goods' => $goods,
                'delivery' => min(array_column($parcels, 'price')),
                'extras_cost' => array_sum(array_map(static fn (string $e): int => Books::EXTRAS[$e][1] ?? 0, $extras)),
                'created_at' => now(),
                'updated_at' => now(),
            ]);

            return [Books::db()->table('orders')->where('id', $id)->firstOrFail(), true];
        });
    }

    /**
     * @param  array<string, mixed>  $line
     * @return array{int, int} euro cents, grams
     */
    private static function line(string $key, array $line): array
    {
        [$row, $colour, $size] = Books::variant($line['sku']);
        if (Books::db()->table('out_of_stock')->where('sku', $line['sku'])->exists()) {
            throw new Refused(sprintf('%s in %s is out at the moment.', $row['name'], trim($colour.' '.$size)));
        }
        $pieces = (int) $line['quantity'];
        $printing = PrintCheck::cost($key, $row, $colour, $line['prints'] ?? []);
        $off = 0;
        foreach ($line['prints'] ?? [] as $print) {
            foreach ($row['methods'][$print['method']]['breaks'] as [$from, $bp]) {
                $off = $pieces >= $from ? max($off, $bp) : $off;
            }
        }
        $printing = intdiv($printing * (10_000 - $off) + 5_000, 10_000);

        return [
            $pieces * ($row['cost'] + $row['sizes'][$size] + $printing),
            $pieces * ($row['grams'] + intdiv(max(0, $row['sizes'][$size]), 8)),
        ];
    }
}
