<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\NoteParcels;
use WindowStall\Print\Files\PrintOrders;
use WindowStall\Source\Connectors\SaidParcel;
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
                ->with(['order.stall.rates', 'lines.supplierVariant'])
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
                'joined_until' => $answer->joinedUntil,
                'packed_in' => $answer->packedIn,
            ];
            if (! $row->cost_confirmed) {
                $rate = $stall->rateFrom($answer->goods->currency->code);
                $facts += [
                    'goods_minor' => $rate->convert($answer->goods)->minor,
                    'delivery_minor' => $rate->convert($answer->delivery)->minor,
                    'extras_minor' => $answer->extras === null ? 0 : $rate->convert($answer->extras)->minor,
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
                if ($answer->state === SupplierOrderState::Withdrawn) {
                    $facts = [
                        'refusal' => 'It was taken back from them.',
                        'goods_minor' => 0,
                        'delivery_minor' => 0,
                        'extras_minor' => 0,
                    ] + $facts;
                }
                if ($answer->state === SupplierOrderState::Refused) {
                    $facts['refusal'] = $answer->reason ?? 'The supplier gave no reason.';
                    foreach ($row->lines->pluck('placing_id')->filter()->unique() as $placing) {
                        PrintOrders::refused((int) $placing, $facts['refusal']);
                    }
                }
            }
            $row->update($facts);
            // What it says of an order that is taken back from it changes nothing any more.
            if ($row->state !== SupplierOrderState::Withdrawn) {
                NoteParcels::of($row, self::parcels($answer));
            }
        }, attempts: 3);
    }

    /** @return list<SaidParcel> one of all that is left, where it only says that it has posted */
    private static function parcels(SupplierAnswer $answer): array
    {
        return $answer->parcels === [] && $answer->state === SupplierOrderState::Posted
            ? [new SaidParcel((string) $answer->carrier, $answer->tracking)]
            : $answer->parcels;
    }
}
