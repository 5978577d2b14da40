<?php

declare(strict_types=1);

namespace WindowStall\Counter\ByMail;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Mail\SupplierBatchMail;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/**
 * Writes a supplier's orders of a day into one table and mails it. The table, what it holds, and the mail in the queue are one
 * transaction: whoever is killed in between leaves none of them, and no order goes in two tables.
 */
final class SendBatch
{
    private const HEADING = ['order', 'article', 'pieces', 'name', 'street', 'town', 'postcode', 'country', 'phone'];

    /** @return OrderBatch|null null where nothing waits, or today's is sent */
    public function __invoke(SupplierConnection $connection): ?OrderBatch
    {
        return DB::transaction(function () use ($connection): ?OrderBatch {
            $locked = SupplierConnection::query()->whereKey($connection->id)->lockForUpdate()->firstOrFail();
            $stall = Stall::query()->findOrFail($locked->stall_id);
            $today = Clock::of($stall)->today();
            $sentToday = OrderBatch::query()->where('connection_id', $locked->id)->where('day', $today)->exists();
            $rows = $locked->orders_to === null || $sentToday ? collect() : SupplierOrder::query()
                ->with(['lines.supplierVariant', 'order.stall'])
                ->where('connection_id', $locked->id)
                ->where('state', SupplierOrderState::ToSend)
                ->whereHas('order', static fn ($q) => $q->where('state', OrderState::Paid)->whereNull('held_at'))
                ->orderBy('id')
                ->lockForUpdate()
                ->get();
            if ($rows->isEmpty()) {
                return null;
            }
            foreach ($rows as $row) {
                $row->update([
                    'state' => SupplierOrderState::Sent,
                    'external_id' => self::reference($row),
                    'sent_at' => now(),
                    'asked_at' => null,
                    'trouble' => null,
                ]);
            }
            $batch = OrderBatch::query()->create([
                'stall_id' => $stall->id,
                'connection_id' => $locked->id,
                'day' => $today,
                'sheet' => self::sheet(array_values($rows->all())),
                'orders' => $rows->count(),
                'made_at' => now(),
            ]);
            Mail::to((string) $locked->orders_to)->queue(new SupplierBatchMail($batch->id, $stall->id));

            return $batch;
        }, attempts: 3);
    }

    /** By which the supplier's answer names it. */
    public static function reference(SupplierOrder $row): string
    {
        return $row->order?->number.'/'.$row->id;
    }

    /** @param  list<SupplierOrder>  $rows */
    private static function sheet(array $rows): string
    {
        $out = fopen('php://temp', 'w+b') ?: throw new \RuntimeException('Nothing can be written.');
        fputcsv($out, self::HEADING, escape: '', eol: "\r\n");
        foreach ($rows as $row) {
            foreach ($row->lines->filter(static fn (OrderLine $line): bool => $line->toSend() > 0) as $line) {
                fputcsv($out, self::cells($row, $line), escape: '', eol: "\r\n");
            }
        }
        rewind($out);
        $text = (string) stream_get_contents($out);
        fclose($out);

        return $text;
    }

    /** @return list<string> */
    private static function cells(SupplierOrder $row, OrderLine $line): array
    {
        $to = $row->order?->sentTo() ?? [];

        return [
            self::reference($row),
            (string) $line->supplierVariant?->sku,
            (string) $line->toSend(),
            $to['name'] ?? '',
            $to['street'] ?? '',
            $to['town'] ?? '',
            $to['postcode'] ?? '',
            $to['country'] ?? '',
            $to['phone'] ?? '',
        ];
    }
}
