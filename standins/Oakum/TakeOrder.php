<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** Takes an order once per idempotency key: reserves stock, works out goods and the cheapest parcel, writes it down. */
final class TakeOrder
{
    /**
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @param  array<string, string>  $address
     * @param  list<string>  $extras  what is laid in besides
     * @param  int|null  $agreed  US cents for a piece, where that was agreed on before
     * @param  int|null  $joins  the earlier order in whose parcel it goes along, {@see Joined}
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
        array $extras = [],
        ?int $agreed = null,
        ?int $joins = null,
    ): array {
        return Books::db()->transaction(function () use (
            $key,
            $idempotencyKey,
            $reference,
            $lines,
            $address,
            $extras,
            $agreed,
            $joins,
        ): array {
            // Two requests with the same key queue up here, and the second finds the first one's order.
            Books::db()->select('SELECT pg_advisory_xact_lock(hashtext(?))', [$key.$idempotencyKey]);
            $known = Books::table('orders')->where('key', $key)->where('idempotency_key', $idempotencyKey)->first();
            if ($known !== null) {
                return [$known, false];
            }
            $pieces = array_sum(array_column($lines, 'quantity'));
            if ($pieces > Terms::MOST_PIECES) {
                throw new Refused(sprintf('An order holds %d pieces at most; this has %d.', Terms::MOST_PIECES, $pieces));
            }
            $root = $joins === null ? null : Joined::root($key, $joins, $address);
            [$goods, $parcels, $kept] = $this->pick($lines, $agreed, $root === null ? null : Joined::warehouses($root));
            [$delivery, $method] = $this->carry($parcels, $address['country'], $root === null ? [] : Joined::grams($root));
            [$ahead, $drawn, $instead] = $agreed === null ? $this->drawAhead($key, $kept) : [[], 0, 0];
            $laidIn = Terms::cost($extras);
            $goods += $drawn - $instead;
            $id = Books::table('orders')->insertGetId([
                'key' => $key,
                'idempotency_key' => $idempotencyKey,
                'reference' => $reference,
                'state' => 'received',
                'lines' => json_encode($kept),
                'address' => json_encode($address),
                'goods' => $goods,
                'extras' => json_encode($extras),
                'extras_cost' => $laidIn,
                'charged' => Terms::charge($key, $goods - $drawn + $delivery + $laidIn),
                'ahead' => json_encode((object) $ahead),
                'delivery' => $delivery,
                'method' => $method,
                'joins' => $joins,
                'created_at' => now(),
                'updated_at' => now(),
            ]);

            return [Books::table('orders')->where('id', $id)->firstOrFail(), true];
        });
    }

    /**
     * @param  list<array{variant: string, quantity: int, warehouse?: string}>  $lines
     * @param  list<string>|null  $only  the warehouses it may come from; any where none are given
     * @return array{int, array<string, int>, list<array<string, mixed>>} goods in cents, grams by warehouse, lines as
     *     kept
     */
    private function pick(array $lines, ?int $agreed, ?array $only): array
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
            foreach (array_filter([...$only ?? [], $line['warehouse'] ?? null, 'GB', 'DE', 'US', 'CN']) as $place) {
                if (($stock[$place] ?? 0) >= $line['quantity']) {
                    $warehouse = $place;
                    break;
                }
            }
            if ($warehouse !== null && $only !== null && ! in_array($warehouse, $only, true)) {
                throw new Refused(sprintf('%s isn’t in the warehouse that packs that order.', $variant->sku), 'packed');
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
            $goods += ($agreed ?? $variant->cost) * $line['quantity'];
            $grams[$warehouse] = ($grams[$warehouse] ?? 0) + $variant->grams * $line['quantity'];
            $kept[] = [
                'variant' => $variant->id,
                'title' => implode(' ', json_decode($variant->options, true)),
                'item' => $variant->item_id,
                'quantity' => $line['quantity'],
                'warehouse' => $warehouse,
                'cost' => (int) $variant->cost,
            ];
        }

        return [$goods, $grams, $kept];
    }

    /**
     * @param  list<array<string, mixed>>  $kept  lines as kept
     * @return array{array<int, int>, int, int} pieces by lot, what was paid for them, and what they would cost now
     */
    private function drawAhead(string $key, array $kept): array
    {
        $used = [];
        $paid = $instead = 0;
        foreach ($kept as $line) {
            [$lots, $cost, $now] = Lots::draw($key, $line['variant'], $line['quantity'], $line['cost']);
            foreach ($lots as $lot => $pieces) {
                $used[$lot] = ($used[$lot] ?? 0) + $pieces;
            }
            $paid += $cost;
            $instead += $now;
        }

        return [$used, $paid, $instead];
    }

    /**
     * @param  array<string, int>  $parcels  grams by warehouse
     * @param  array<string, int>  $there  grams that are in them already and paid for
     * @return array{int, string}
     */
    private function carry(array $parcels, string $country, array $there): array
    {
        $total = 0;
        foreach ($parcels as $warehouse => $grams) {
            $before = $there[$warehouse] ?? 0;
            $total += $this->post($warehouse, $country, $before + $grams) - ($before === 0 ? 0 : $this->post($warehouse, $country, $before));
        }

        return [max(0, $total), 'Economy'];
    }

    /** What the cheapest way costs. */
    private function post(string $warehouse, string $country, int $grams): int
    {
        $quotes = Tariff::quote($warehouse, $country, $grams);
        if ($quotes === []) {
            throw new Refused(sprintf('Nothing is sent from %s to %s.', $warehouse, $country));
        }

        return min(array_column($quotes, 'price'));
    }
}
