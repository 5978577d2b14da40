<?php

declare(strict_types=1);

namespace WindowStall\Counter\Refunds;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\Refund\Bearer;
use WindowStall\Core\Dispatch\Refund\RefundFigures;
use WindowStall\Counter\Order;

/**
 * Money given back of an order, or on its way back. Amounts are in the order's currency, but what others bear of it.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $order_id
 * @property string $key by which the payment service knows it: asked twice, it gives it back once
 * @property array<int, int> $pieces by line
 * @property array{
 *     lines: array<int, int>,
 *     delivery: int,
 *     besides: int,
 *     taken: array<string, int>,
 *     rates: array<int, array{back: int, tax: int}>,
 * }|null $figures null: all that was paid, from before there were parts
 * @property int $total_minor
 * @property int $tax_minor
 * @property int $card_minor what of it goes back to gift cards
 * @property Bearer $bears
 * @property int $borne_minor what the supplier or the carrier pays of it, in the stall's currency
 * @property string $why as the seller said; the shopper reads it
 * @property int|null $user_id who gave it; null where a rule did
 * @property Carbon $asked_at
 * @property int $tries
 * @property Carbon $next_try_at
 * @property bool $credited it paid for what was sent instead; no money moved
 * @property Carbon|null $done_at the payment service has given it back then
 */
final class Refund extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'pieces' => 'array',
            'figures' => 'array',
            'bears' => Bearer::class,
            'asked_at' => 'datetime',
            'next_try_at' => 'datetime',
            'done_at' => 'datetime',
            'credited' => 'boolean',
        ];
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    public function toFigures(): ?RefundFigures
    {
        return $this->figures === null ? null : new RefundFigures(
            $this->pieces,
            $this->figures['lines'],
            $this->figures['delivery'],
            $this->figures['besides'],
            $this->figures['taken'],
            $this->figures['rates'],
        );
    }

    /** @return array<string, mixed> as they are kept */
    public static function kept(RefundFigures $figures): array
    {
        return [
            'pieces' => $figures->pieces,
            'figures' => [
                'lines' => $figures->lines,
                'delivery' => $figures->delivery,
                'besides' => $figures->besides,
                'taken' => $figures->taken,
                'rates' => $figures->rates,
            ],
            'total_minor' => $figures->total,
            'tax_minor' => $figures->tax,
        ];
    }
}
