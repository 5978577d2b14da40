<?php

declare(strict_types=1);

namespace WindowStall\Counter\Desk;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Letters\Letter;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderFigures;
use WindowStall\Counter\Owed\SupplierAccounts;
use WindowStall\Counter\Views\CounterDeskView;
use WindowStall\Counter\Views\NeedView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** Puts the counter's desk together. */
final class Desk
{
    private const NEEDS = 12;

    private const LINES = 9;

    /** Orders whose figures the headline adds up; beyond, it gives their number. */
    private const ADDED = 40;

    private const OPEN = <<<'SQL'
        SELECT (
            SELECT count(*) FROM parcels WHERE stall_id = :stall AND there_at IS NULL
        ) + (
            SELECT count(*) FROM supplier_orders WHERE stall_id = :stall AND state IN ('to_send', 'sent', 'accepted', 'refused')
        ) AS open
        SQL;

    public static function of(Stall $stall): CounterDeskView
    {
        $needs = self::needs($stall);
        $count = self::count($stall, $needs);
        $unpaid = Order::of($stall)->where('state', OrderState::AwaitingPayment)->whereNull('pending_since')->count();

        return new CounterDeskView(
            headline: self::headline($stall, $count),
            needs: array_slice($needs, 0, self::NEEDS),
            more: max(0, $count - self::NEEDS),
            days: UnderWay::days($stall),
            now: UnderWay::now($stall),
            underWay: UnderWay::of($stall, self::LINES),
            open: (int) DB::selectOne(self::OPEN, ['stall' => $stall->id])?->open,
            orders: AllOrders::count($stall),
            letters: Letter::of($stall)->where('open', true)->count(),
            unpaid: $unpaid,
            shopUrl: $stall->open ? $stall->shopAddress('/') : route('window.shop', $stall),
        );
    }

    /**
     * How many orders wait for a decision, as far as that is counted at once; what is only likely to be late is found on the desk.
     */
    public static function waiting(Stall $stall): int
    {
        return SupplierAccounts::short($stall)->count()
            + RefusedNeeds::rows($stall)->count()
            + DearerNeeds::rows($stall)->count()
            + ReturnNeeds::rows($stall)->count()
            + count(OtherNeeds::orders($stall))
            + LateNeeds::over($stall);
    }

    /** @return list<NeedView> the most pressing first */
    private static function needs(Stall $stall): array
    {
        return [
            ...OwedNeeds::of($stall),
            ...RefusedNeeds::of($stall, self::NEEDS),
            ...DearerNeeds::of($stall, self::NEEDS),
            ...ReturnNeeds::of($stall, self::NEEDS),
            ...OtherNeeds::of($stall, self::NEEDS),
            ...LateNeeds::of($stall, self::NEEDS),
        ];
    }

    /**
     * How many need a person: what was looked at, and what there is beyond of those that are counted cheaply.
     *
     * @param  list<NeedView>  $needs
     */
    private static function count(Stall $stall, array $needs): int
    {
        $of = static fn (string $kind): int => count(array_filter($needs, static fn (NeedView $n): bool => $n->kind === $kind));

        return count($needs)
            + max(0, RefusedNeeds::rows($stall)->count() - $of('refused'))
            + max(0, ReturnNeeds::rows($stall)->count() - $of('return'));
    }

    private static function headline(Stall $stall, int $needs): string
    {
        $recent = Order::of($stall)
            ->with(['supplierOrders', 'refunds'])
            ->where('state', OrderState::Paid)
            ->where('paid_at', '>', now()->subDay())
            ->whereNull('held_at')
            ->whereDoesntHave('supplierOrders', static fn ($q) => $q->where('state', 'refused'))
            ->orderByDesc('paid_at')
            ->limit(self::ADDED + 1)
            ->get();
        $went = match (true) {
            $recent->isEmpty() => '',
            $recent->count() > self::ADDED => sprintf('Since yesterday more than %d orders went to their suppliers by themselves.', self::ADDED),
            default => sprintf(
                'Since yesterday %s went to %s by %s and %s %s.',
                $recent->count() === 1 ? 'one order' : self::number($recent->count()).' orders',
                $recent->count() === 1 ? 'its suppliers' : 'their suppliers',
                $recent->count() === 1 ? 'itself' : 'themselves',
                $recent->count() === 1 ? 'keeps' : 'keep',
                MoneyView::text($stall->money($recent->sum(static fn (Order $o): int => OrderFigures::result($o)->kept->minor))),
            ),
        };
        $need = match ($needs) {
            0 => 'Nothing needs you.',
            1 => 'One needs you.',
            default => ucfirst(self::number($needs)).' need you.',
        };

        return trim($went.' '.$need);
    }

    private static function number(int $n): string
    {
        return ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'][$n] ?? (string) $n;
    }
}
