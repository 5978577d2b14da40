<?php

declare(strict_types=1);

namespace WindowStall\Counter\Told;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;

/**
 * Mails a shopper what has become of their order, once, in the language they read. In the transaction that makes it so: with
 * the change or not at all, and whoever is killed in between leaves neither.
 */
final class TellShopper
{
    /** @param  int  $of  the number of the parcel or the refund it is about; nought for the order */
    public static function of(Order $order, TellKind $kind, int $of = 0): void
    {
        $first = DB::table('order_mails')->insertOrIgnore([
            'stall_id' => $order->stall_id,
            'order_id' => $order->id,
            'kind' => $kind->value,
            'of' => $of,
            'told_at' => now(),
        ]);
        // What a rehearsal's shopper would be mailed is noted, and read there.
        if ($first === 1 && ! $order->isRehearsed()) {
            Mail::to($order->email)->locale($order->language)->queue(new OrderLetter(
                $order->id,
                $order->stall_id,
                $kind,
                $of === 0 ? null : $of,
            ));
        }
    }

    /** Sends once more what nobody took, to where its shopper is mailed now. */
    public static function again(Order $order): int
    {
        return DB::transaction(static function () use ($order): int {
            $failed = DB::table('order_mails')->where('order_id', $order->id)->whereNotNull('failed_at')->lockForUpdate()->get();
            foreach ($failed as $row) {
                DB::table('order_mails')
                    ->where('order_id', $order->id)
                    ->where('kind', $row->kind)
                    ->where('of', $row->of)
                    ->update(['failed_at' => null, 'trouble' => '', 'told_at' => now()]);
                Mail::to($order->email)->locale($order->language)->queue(new OrderLetter(
                    $order->id,
                    $order->stall_id,
                    TellKind::from((string) $row->kind),
                    (int) $row->of === 0 ? null : (int) $row->of,
                ));
            }

            return $failed->count();
        }, attempts: 3);
    }

    /** @return list<array{kind: TellKind, of: int, at: string, trouble: string}> what was mailed, in the order it was */
    public static function told(Order $order): array
    {
        return array_values(DB::table('order_mails')
            ->where('order_id', $order->id)
            ->orderBy('told_at')
            ->orderBy('of')
            ->get()
            ->map(static fn (\stdClass $row): array => [
                'kind' => TellKind::from((string) $row->kind),
                'of' => (int) $row->of,
                'at' => (string) $row->told_at,
                'trouble' => $row->failed_at === null ? '' : (string) $row->trouble,
            ])
            ->all());
    }
}
