<?php

declare(strict_types=1);

namespace WindowStall\Counter\Asking;

use Illuminate\Support\Facades\DB;

/** How many pieces of a supplier's variant were sold lately. */
final class SoldPieces
{
    public const DAYS = 28;

    private const SOLD = <<<'SQL'
        SELECT COALESCE(sum(line.quantity - line.withdrawn), 0) AS pieces
        FROM order_lines AS line
        JOIN orders ON orders.id = line.order_id
        WHERE line.supplier_variant_id = :variant
          AND orders.paid_at > now() - make_interval(days => :days)
        SQL;

    public static function of(?int $variant): int
    {
        return $variant === null ? 0 : (int) DB::selectOne(self::SOLD, ['variant' => $variant, 'days' => self::DAYS])?->pieces;
    }
}
