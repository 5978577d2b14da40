<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Collection;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Support\Outbound\Breaker;

/** What suppliers have at this moment. One that doesn't answer soon isn't waited for: then our own count stands. */
final class LiveStock
{
    /** Seconds a supplier may take to answer while a shopper waits. */
    private const PATIENCE = 2;

    /**
     * @param  Order  $order  with its lines
     *
     * @throws SoldOut when a supplier has fewer than a line asks for
     */
    public function check(Order $order): void
    {
        $variants = SupplierVariant::query()
            ->with('item.connection')
            ->whereKey($order->lines->pluck('supplier_variant_id'))
            ->get();
        foreach ($variants->groupBy(fn (SupplierVariant $v): int => (int) $v->item?->connection_id) as $some) {
            $connection = $some->first()?->item?->connection;
            $stock = $connection === null ? null : $this->ask($connection, $some);
            foreach ($stock === null ? [] : $some as $variant) {
                $this->compare($order, $variant, $stock[$variant->external_id] ?? 0);
            }
        }
    }

    /**
     * @param  Collection<int, SupplierVariant>  $variants
     * @return array<string, int>|null pieces by the supplier's variant id; null when nothing is known
     */
    private function ask(SupplierConnection $connection, Collection $variants): ?array
    {
        $ordering = $connection->ordering();
        $codes = array_values($variants->map(fn (SupplierVariant $v): string => $v->external_id)->all());

        return $ordering === null
            ? null
            : Breaker::for('supplier.'.$connection->id)->ask(
                fn (): array => $ordering->stock($connection->access(seconds: self::PATIENCE), $codes),
                static fn (\Throwable $e): bool => $e instanceof SupplierTrouble,
            );
    }

    private function compare(Order $order, SupplierVariant $variant, int $pieces): void
    {
        if ($pieces === 0) {
            SupplierVariant::query()
                ->whereKey($variant->id)
                ->update(['stock' => 0]);
        }
        $lines = $order->lines->where('supplier_variant_id', $variant->id);
        if ($lines->sum('quantity') > $pieces) {
            throw SoldOut::line($lines->firstOrFail());
        }
    }
}
