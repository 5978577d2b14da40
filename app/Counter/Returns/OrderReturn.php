<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\Refunds\Refund;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Support\Speech\Spoken;

/**
 * Pieces of an order that its shopper asks to send back.
 *
 * @property int $id
 * @property int $stall_id
 * @property int $order_id
 * @property array<int, int> $pieces by line
 * @property ReturnReason $reason
 * @property string $words the shopper's
 * @property string|null $picture
 * @property ReturnState $state
 * @property string $to where it is to be sent
 * @property string $answer the seller's words
 * @property array<int, int> $instead the variant of a listing that its shopper would like instead, by line
 * @property int|null $exchange_id the order that goes out for it
 * @property int|null $refund_id
 * @property Carbon $asked_at
 * @property Carbon|null $answered_at
 * @property Carbon|null $settled_at
 */
final class OrderReturn extends Model
{
    public $timestamps = false;

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'pieces' => 'array',
            'instead' => 'array',
            'reason' => ReturnReason::class,
            'state' => ReturnState::class,
            'asked_at' => 'datetime',
            'answered_at' => 'datetime',
            'settled_at' => 'datetime',
        ];
    }

    /** @return BelongsTo<Order, $this> */
    public function order(): BelongsTo
    {
        return $this->belongsTo(Order::class);
    }

    /** @return BelongsTo<Order, $this> */
    public function exchange(): BelongsTo
    {
        return $this->belongsTo(Order::class, 'exchange_id');
    }

    /** @return BelongsTo<Refund, $this> */
    public function refund(): BelongsTo
    {
        return $this->belongsTo(Refund::class);
    }

    /** What comes for it instead, and as which order. */
    public function saidInstead(Order $order, Stall $stall): string
    {
        return Speech::say(
            'till.back.exchanged',
            goods: $this->goodsIn($order, $stall),
            instead: Spoken::all(array_values($this->exchange?->lines
                ->map(static fn (OrderLine $line): string => $line->quantity.' × '.$line->nameIn($stall))
                ->all() ?? [])),
            number: (string) $this->exchange?->number,
        );
    }

    /** "2 × Goatskin gloves, M and 1 × Garden twine", as a shop's reader has it. */
    public function goodsIn(Order $order, Stall $stall): string
    {
        return Spoken::all(array_values($order->lines
            ->filter(fn (OrderLine $line): bool => isset($this->pieces[$line->id]))
            ->map(fn (OrderLine $line): string => $this->pieces[$line->id].' × '.$line->nameIn($stall))
            ->all()));
    }
}
