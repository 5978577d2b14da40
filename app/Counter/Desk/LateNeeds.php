<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Following\Outlook;
use WindowStall\Core\Dispatch\Following\ParcelEventKind;
use WindowStall\Core\Dispatch\Following\TimesTaken;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Core\Dispatch\SupplierOrderState;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Following\Parcels;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Counter\Views\NeedWayView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/**
 * Parcels that are late, or are likely to be by what such parcels took, and whose shopper wasn't told yet; and what a supplier
 * hasn't posted though its last day is tomorrow.
 */
final class LateNeeds
{
    /** Days ahead that are looked at. */
    private const AHEAD = 2;

    /** Parcels whose promise is near or over; the most pressing first. */
    private const PRESSING = <<<'SQL'
        SELECT parcel.id
        FROM parcels AS parcel
        JOIN orders ON orders.id = parcel.order_id
        WHERE parcel.stall_id = :stall
          AND parcel.there_at IS NULL
          AND parcel.promised_to <= :until::date
          AND orders.state = 'paid'
          AND NOT EXISTS (
              SELECT 1 FROM order_mails AS mail
              WHERE mail.order_id = parcel.order_id AND mail.kind = 'late' AND mail.of = parcel.id
          )
        ORDER BY parcel.promised_to, parcel.id
        LIMIT :most
        SQL;

    /** No more than these are counted: beyond, it is very many. */
    private const COUNTED = 100;

    private const OVER = <<<'SQL'
        SELECT count(*) AS count
        FROM (
            SELECT 1
            FROM parcels AS parcel
            JOIN orders ON orders.id = parcel.order_id
            WHERE parcel.stall_id = :stall
              AND parcel.there_at IS NULL
              AND parcel.promised_to < :today::date
              AND orders.state = 'paid'
              AND NOT EXISTS (
                  SELECT 1 FROM order_mails AS mail
                  WHERE mail.order_id = parcel.order_id AND mail.kind = 'late' AND mail.of = parcel.id
              )
            ORDER BY parcel.promised_to
            LIMIT :most
        ) AS over
        SQL;

    /** Parcels whose last day is over, and whose shopper wasn't told. */
    public static function over(Stall $stall): int
    {
        return (int) DB::selectOne(self::OVER, [
            'stall' => $stall->id,
            'today' => Clock::of($stall)->today(),
            'most' => self::COUNTED,
        ])?->count;
    }

    /** @return list<NeedView> */
    public static function of(Stall $stall, int $most): array
    {
        $clock = Clock::of($stall);
        $ids = array_column(DB::select(self::PRESSING, [
            'stall' => $stall->id,
            'until' => $clock->local(now())->addDays(self::AHEAD)->toDateString(),
            'most' => 4 * $most,
        ]), 'id');
        $like = [];
        $needs = [];
        // The first of them are late, mostly; of the rest no more is read than is shown.
        foreach (array_chunk($ids, max(1, $most)) as $some) {
            foreach (self::parcels($some) as $parcel) {
                $way = $parcel->connection_id.$parcel->country;
                $like[$way] ??= Parcels::taken($parcel->connection_id, $parcel->country);
                $outlook = Parcels::outlook($stall, $parcel, $like[$way]);
                $amiss = in_array($parcel->stands, [ParcelEventKind::Lost, ParcelEventKind::GoesBack], true);
                if ($outlook !== null && ($outlook->late || $outlook->likely || $amiss) && count($needs) < $most) {
                    $needs[] = self::parcel($stall, $parcel, $outlook, $like[$way]);
                }
            }
            if (count($needs) >= $most) {
                break;
            }
        }

        return [...$needs, ...self::unposted($stall, $most - count($needs))];
    }

    /**
     * @param  list<int>  $ids
     * @return Collection<int, Parcel> the most pressing first
     */
    private static function parcels(array $ids): Collection
    {
        return Parcel::query()
            ->with(['order.lines', 'connection'])
            ->whereKey($ids)
            ->orderBy('promised_to')
            ->orderBy('id')
            ->get();
    }

    private static function parcel(Stall $stall, Parcel $parcel, Outlook $outlook, TimesTaken $like): NeedView
    {
        $order = $parcel->order ?? throw new \LogicException('A parcel is always of an order.');
        $lines = $parcel->linesOf($order);
        $still = (int) $parcel->moved_at->diffInDays(now(), absolute: true);
        $promised = DayWords::near($stall, (string) $parcel->promised_to);

        return new NeedView(
            key: 'late-'.$parcel->id,
            kind: 'late',
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($lines),
            title: sprintf('%s of %d %s.', ucfirst(OrderGoods::words($lines)), $order->number, match (true) {
                $parcel->stands === ParcelEventKind::Lost => 'is lost, says the carrier',
                $parcel->stands === ParcelEventKind::GoesBack => 'goes back to its sender, says the carrier',
                $outlook->late => 'isn’t there; it was promised for '.$promised,
                default => sprintf('hasn’t moved for %s and is promised for %s', DayWords::count(max(1, $still)), $promised),
            }),
            about: self::about($stall, $parcel, $outlook, $like),
            ways: [
                NeedWayView::plain(
                    name: 'Tell '.OrderGoods::firstName($order),
                    about: $outlook->by === null
                        ? 'a letter that it takes longer'
                        : 'a letter that such parcels were there by '.Clock::of($stall)->local(
                            \Illuminate\Support\Carbon::instance($outlook->by),
                        )->format('l j F'),
                    button: 'Send '.OrderGoods::firstName($order).' the letter',
                    address: route('counter.late', [$stall, $order]),
                    data: ['parcel' => $parcel->id],
                ),
                NeedWayView::plain(
                    name: 'Ask the carrier',
                    about: $parcel->asked_at === null ? 'not asked yet' : 'asked last '.$parcel->asked_at->diffForHumans(),
                    button: 'Ask '.($parcel->carrier === '' ? 'the carrier' : $parcel->carrier).' now',
                    address: route('counter.look', [$stall, $order]),
                    data: [],
                ),
                NeedWayView::plain(
                    name: 'Give something back',
                    about: 'on the order’s page',
                    button: 'To the order',
                    address: route('counter.order', [$stall, $order]),
                ),
            ],
        );
    }

    private static function about(Stall $stall, Parcel $parcel, Outlook $outlook, TimesTaken $like): string
    {
        $posted = 'Posted by '.$parcel->connection?->name.' '.$parcel->posted_at->diffForHumans();
        $last = $parcel->stands === null ? '' : ', last seen '.$parcel->stands->words()
            .($parcel->place === '' ? '' : ' at '.$parcel->place);

        return $posted.$last.'. '.match (true) {
            ! $like->enough() => sprintf('Too few parcels of %s are on record to tell more.', $parcel->connection?->name),
            $outlook->known === 0 => 'No parcel on record took so long.',
            $outlook->lateBy === null => 'Those that stood so long came in time.',
            $outlook->inTen() === 10 => sprintf(
                'All parcels of %s that stood so long came late, by %s in the middle.',
                $parcel->connection?->name,
                DayWords::count($outlook->lateBy),
            ),
            default => sprintf(
                '%s in ten parcels of %s that stood so long came late, by %s in the middle.',
                ucfirst(self::number($outlook->inTen())),
                $parcel->connection?->name,
                DayWords::count($outlook->lateBy),
            ),
        };
    }

    /** @return list<NeedView> */
    private static function unposted(Stall $stall, int $most): array
    {
        $until = Clock::of($stall)->local(now())->addDay()->toDateString();
        $rows = $most <= 0 ? collect() : SupplierOrder::query()
            ->where('stall_id', $stall->id)
            ->whereIn('state', [SupplierOrderState::ToSend, SupplierOrderState::Sent, SupplierOrderState::Accepted])
            ->whereHas('order', static fn (Builder $q) => $q->where('state', OrderState::Paid))
            ->whereHas('lines', static fn (Builder $q) => $q->where('promised_to', '<=', $until))
            ->with(['connection', 'order', 'lines'])
            ->orderBy('id')
            ->limit($most)
            ->get();

        return array_values($rows->map(static fn (SupplierOrder $row): NeedView => self::row($stall, $row))->all());
    }

    private static function row(Stall $stall, SupplierOrder $row): NeedView
    {
        /** @var Order $order */
        $order = $row->order;
        $name = (string) $row->connection?->name;
        $lines = $row->lines->filter(static fn (OrderLine $line): bool => $line->toSend() > 0);

        return new NeedView(
            key: 'unposted-'.$row->id,
            kind: 'unposted',
            order: $order->id,
            number: $order->number,
            picture: OrderGoods::picture($lines),
            title: sprintf(
                '%s hasn’t posted %s of %d, promised for %s.',
                $name,
                OrderGoods::words($lines),
                $order->number,
                DayWords::near($stall, (string) $lines->max('promised_to')),
            ),
            about: sprintf('It is %s. %s waits for it.', $row->state->words(), OrderGoods::shopper($order)),
            ways: array_values(array_filter([
                NeedWayView::plain(
                    name: 'Ask '.$name,
                    about: $row->asked_at === null ? 'not asked yet' : 'asked last '.$row->asked_at->diffForHumans(),
                    button: 'Ask '.$name.' now',
                    address: route('counter.look', [$stall, $order]),
                    data: [],
                ),
                $row->external_id === null ? null : NeedWayView::plain(
                    name: 'Take it back from '.$name,
                    about: 'then it can come from elsewhere, or the money go back',
                    button: 'Ask '.$name.' to cancel',
                    address: route('counter.cancel', [$stall, $order]),
                    data: ['supplierOrder' => $row->id],
                ),
                NeedWayView::plain('See all of it', '', 'To the order', route('counter.order', [$stall, $order])),
            ])),
        );
    }

    private static function number(int $n): string
    {
        return ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'][$n] ?? (string) $n;
    }
}
