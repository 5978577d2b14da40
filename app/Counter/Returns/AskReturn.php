<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Returns\ReturnReason;
use WindowStall\Core\Dispatch\Returns\ReturnState;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/** A shopper asks to send pieces back. The same wish sent twice is one. */
final class AskReturn
{
    /**
     * @param  array<int, int>  $pieces  by line, each above nought
     * @param  array<int, int>  $instead  the variant of a listing that they would like instead, by line
     * @return bool whether these may still be sent back
     */
    public function __invoke(Stall $stall, Order $order, array $pieces, ReturnReason $reason, string $words, ?string $picture, array $instead = []): bool
    {
        return DB::transaction(function () use ($stall, $order, $pieces, $reason, $words, $picture, $instead): bool {
            $fresh = Order::query()->whereKey($order->id)->lockForUpdate()->firstOrFail()
                ->load(['lines', 'parcels', 'refunds', 'returns']);
            $same = $fresh->returns->contains(
                static fn (OrderReturn $one): bool => $one->state === ReturnState::Asked && $one->pieces == $pieces,
            );
            if ($same) {
                return true;
            }
            if (! Returnable::of($stall, $fresh)->holds($pieces)) {
                return false;
            }
            OrderReturn::query()->create([
                'stall_id' => $stall->id,
                'order_id' => $fresh->id,
                'pieces' => $pieces,
                'reason' => $reason,
                'words' => $words,
                'picture' => $picture,
                'instead' => (object) array_intersect_key($instead, $pieces),
                'state' => ReturnState::Asked,
                'asked_at' => now(),
            ]);

            return true;
        }, attempts: 3);
    }
}
