<?php

declare(strict_types=1);

namespace WindowStall\Counter\Giving;

use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Source\Giving;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;

/** A file that was bought, as its shopper may fetch it. */
final readonly class GivenFile
{
    /**
     * @param  string  $name  as it is saved; "" while the stall hasn't sent any
     * @param  int  $left  how often it can still be fetched
     * @param  int  $fetched  how often it was
     */
    private function __construct(
        public OrderLine $line,
        public string $name,
        public int $bytes,
        public int $left,
        public int $fetched,
        public DateTimeImmutable $until,
    ) {
    }

    /**
     * @param  Order  $order  with its lines
     * @return list<self> none before it is paid
     */
    public static function all(Order $order): array
    {
        $lines = $order->lines->where('giving', Giving::Download)->whereNotNull('own_good_id');
        if ($order->paid_at === null || $lines->isEmpty()) {
            return [];
        }
        $lines->loadMissing('ownGood');
        $fetched = DB::table('file_fetches')
            ->whereIn('order_line_id', $lines->modelKeys())
            ->groupBy('order_line_id')
            ->selectRaw('order_line_id, count(*) AS times')
            ->pluck('times', 'order_line_id');

        return array_values(array_filter($lines->map(
            static fn (OrderLine $line): ?self => self::of($order, $line, (int) $fetched->get($line->id)),
        )->all()));
    }

    public static function of(Order $order, OrderLine $line, int $fetched): ?self
    {
        $good = $line->ownGood;
        $paid = $order->paid_at?->toDateTimeImmutable();

        return $good === null || $paid === null ? null : new self(
            $line,
            (string) $good->file_name,
            (int) $good->file_bytes,
            $good->terms()->left($paid, $line->toSend(), $fetched, now()->toDateTimeImmutable()),
            $fetched,
            $good->terms()->until($paid),
        );
    }
}
