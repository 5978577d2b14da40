<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Source\Connectors\SupplierAnswer;

/**
 * Takes what a supplier says of an order into its row: forward only, real costs once known. The same news twice changes
 * nothing.
 */
final class ApplyAnswer
{
    public function __invoke(SupplierOrder $supplierOrder, SupplierAnswer $answer): void
    {
        DB::transaction(function () use ($supplierOrder, $answer): void {
            $row = SupplierOrder::query()
                ->with('order.stall.rates')
                ->whereKey($supplierOrder->id)
                ->lockForUpdate()
                ->firstOrFail();
            $stall = $row->order->stall ?? throw new \LogicException('A supplier order always has its order.');
            $facts = [
                'external_id' => $answer->externalId,
                'asked_at' => now(),
                'trouble' => null,
                'sending_until' => null,
                'unsure' => false,
            ];
            if (! $row->cost_confirmed) {
                $rate = $stall->rateFrom($answer->goods->currency->code);
                $facts += [
                    'goods_minor' => $rate->convert($answer->goods)->minor,
                    'delivery_minor' => $rate->convert($answer->delivery)->minor,
                    'cost_confirmed' => true,
                ];
            }
            if ($row->state->canBecome($answer->state)) {
                $facts['state'] = $answer->state;
                $facts['sent_at'] = $row->sent_at ?? now();
                if (in_array($answer->state, [SupplierOrderState::Accepted, SupplierOrderState::Posted], true)) {
                    $facts['accepted_at'] = $row->accepted_at ?? now();
                }
                if ($answer->state === SupplierOrderState::Posted) {
                    $facts += ['posted_at' => now(), 'carrier' => $answer->carrier, 'tracking' => $answer->tracking];
                }
                if ($answer->state === SupplierOrderState::Refused) {
                    $facts['refusal'] = $answer->reason ?? 'The supplier gave no reason.';
                }
            }
            $posted = isset($facts['posted_at']) && $row->posted_at === null;
            $row->update($facts);
            if ($posted) {
                TellShopper::of($row->order, TellKind::Posted, $row);
            }
        }, attempts: 3);
    }
}
