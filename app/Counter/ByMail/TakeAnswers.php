<?php

declare(strict_types=1);

namespace WindowStall\Counter\ByMail;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use WindowStall\Core\Dispatch\ByMail\AnswerKind;
use WindowStall\Core\Dispatch\ByMail\AnswerRow;
use WindowStall\Core\Dispatch\ByMail\AnswerSheet;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\ApplyAnswer;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\Connectors\SaidParcel;
use WindowStall\Source\Connectors\SupplierAnswer;
use WindowStall\Source\SupplierConnection;

/**
 * Takes what a supplier answered in a table, row by row: taken, posted with its tracking, or short. Orders move forward only, a
 * parcel is known by its tracking, so the same table twice, last week's, or half of one does no harm: what isn't named waits on.
 */
final readonly class TakeAnswers
{
    public function __construct(private ApplyAnswer $apply)
    {
    }

    /** @return array{orders: int, unknown: int, unread: int} what was made of it: orders, rows of none of ours, rows that can't be read */
    public function __invoke(SupplierConnection $connection, AnswerSheet $sheet): array
    {
        $byOrder = [];
        foreach ($sheet->rows as $row) {
            $byOrder[$row->order][] = $row;
        }
        $taken = $unknown = 0;
        foreach ($byOrder as $reference => $rows) {
            $order = SupplierOrder::query()
                ->where('connection_id', $connection->id)
                ->where('external_id', (string) $reference)
                ->first();
            if ($order === null) {
                $unknown += count($rows);

                continue;
            }
            DB::transaction(fn () => $this->order($order, $rows), attempts: 3);
            $taken++;
        }

        return ['orders' => $taken, 'unknown' => $unknown, 'unread' => count($sheet->unread)];
    }

    /** @param  list<AnswerRow>  $rows  of one order */
    private function order(SupplierOrder $order, array $rows): void
    {
        $locked = SupplierOrder::query()->with(['lines.supplierVariant', 'order'])->whereKey($order->id)->lockForUpdate()->firstOrFail();
        if (! $locked->state->open() && $locked->state !== SupplierOrderState::Posted) {
            return;
        }
        $this->short($locked, $rows);
        $locked->load('lines.supplierVariant');
        $parcels = self::parcels($locked, $rows);
        $home = $locked->order ?? throw new \LogicException('A supplier order always has its order.');
        ($this->apply)($locked, new SupplierAnswer(
            (string) $locked->external_id,
            match (true) {
                $locked->lines->isEmpty() => $locked->state,
                self::isWhole($locked, $parcels) => SupplierOrderState::Posted,
                default => SupplierOrderState::Accepted,
            },
            $home->homeMoney($locked->goods_minor),
            $home->homeMoney($locked->delivery_minor),
            $parcels[0]->carrier ?? null,
            $parcels[0]->tracking ?? null,
            null,
            $parcels,
        ));
    }

    /**
     * Lines that it hasn't enough of become a supplier order of their own that is refused: a person says where they come from.
     *
     * @param  list<AnswerRow>  $rows
     */
    private function short(SupplierOrder $order, array $rows): void
    {
        $posted = Parcel::query()->where('supplier_order_id', $order->id)->get();
        $short = [];
        foreach ($rows as $row) {
            $line = $order->lines->first(static fn (OrderLine $line): bool => $line->supplierVariant?->sku === $row->article);
            $gone = $line !== null && $posted->contains(static fn (Parcel $parcel): bool => isset($parcel->pieces[$line->id]));
            if ($row->kind === AnswerKind::Short && $line !== null && ! $gone) {
                $short[$line->id] = sprintf('%s: %d of %d there.', $row->article, $row->pieces, $line->toSend());
            }
        }
        if ($short === []) {
            return;
        }
        $refused = count($short) === $order->lines->count() ? $order : SupplierOrder::query()->create([
            'order_id' => $order->order_id,
            'stall_id' => $order->order?->stall_id,
            'connection_id' => $order->connection_id,
            'idempotency_key' => (string) Str::uuid(),
            'goods_minor' => 0,
            'delivery_minor' => 0,
            'expected_goods_minor' => 0,
            'expected_delivery_minor' => 0,
            'state' => SupplierOrderState::Refused,
        ]);
        $refused->update(['state' => SupplierOrderState::Refused, 'refusal' => 'Short of it. '.implode(' ', $short)]);
        if ($refused->id !== $order->id) {
            OrderLine::query()->whereKey(array_keys($short))->update(['supplier_order_id' => $refused->id]);
        }
    }

    /**
     * @param  list<AnswerRow>  $rows
     * @return list<SaidParcel>
     */
    private static function parcels(SupplierOrder $order, array $rows): array
    {
        $parcels = [];
        foreach ($rows as $row) {
            $line = $order->lines->first(static fn (OrderLine $line): bool => $line->supplierVariant?->sku === $row->article);
            if ($row->kind === AnswerKind::Posted && $row->pieces > 0 && $line !== null) {
                $key = $row->carrier."\n".$row->tracking;
                $parcels[$key][(string) $line->supplierVariant?->external_id] = $row->pieces;
            }
        }

        return array_map(static function (string $key, array $pieces): SaidParcel {
            [$carrier, $tracking] = explode("\n", $key);

            return new SaidParcel($carrier, $tracking === '' ? null : $tracking, $pieces);
        }, array_keys($parcels), array_values($parcels));
    }

    /** @param  list<SaidParcel>  $parcels */
    private static function isWhole(SupplierOrder $order, array $parcels): bool
    {
        $before = Parcel::query()->where('supplier_order_id', $order->id)->get();
        $new = array_filter(
            $parcels,
            static fn (SaidParcel $said): bool => ! $before->contains(static fn (Parcel $known): bool => $known->tracking === $said->tracking),
        );

        return $order->lines->every(static function (OrderLine $line) use ($before, $new): bool {
            $gone = (int) $before->sum(static fn (Parcel $parcel): int => $parcel->pieces[$line->id] ?? 0);
            $variant = (string) $line->supplierVariant?->external_id;

            return $gone + array_sum(array_map(static fn (SaidParcel $p): int => $p->pieces[$variant] ?? 0, $new)) >= $line->toSend();
        });
    }
}
