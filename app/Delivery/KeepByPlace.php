<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Delivery\Places\Place;
use WindowStall\Core\Delivery\Quote\EvenCharge;
use WindowStall\Core\Delivery\Quote\QuotedGoods;
use WindowStall\Core\Delivery\Quote\Resolver;
use WindowStall\Core\Delivery\Quote\Stop;
use WindowStall\Core\Delivery\Quote\StopKind;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Delivery\Views\KeepCellView;
use WindowStall\Delivery\Views\KeepRowView;
use WindowStall\Delivery\Views\KeepSheetView;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Views\MoneyView;

/** What is kept of one piece of each of the goods, sent to each place by its first way: holes and losses first. */
final class KeepByPlace
{
    /** Goods that are worked out at once; of more, the first by title. */
    public const MOST = 300;

    public static function of(Stall $stall): KeepSheetView
    {
        $goods = MarketGoods::first($stall, self::MOST + 1);
        $more = count($goods) > self::MOST;
        $goods = array_slice($goods, 0, self::MOST);
        $places = array_values(array_filter(
            Places::of($stall),
            static fn (PlaceTerms $terms): bool => $terms->ways !== [],
        ));
        $columns = array_map(static fn (PlaceTerms $terms): array => self::column($stall, $goods, $terms), $places);
        $rows = array_map(static fn (WindowGood $good, int $n): KeepRowView => new KeepRowView(
            listing: $good->listing,
            title: $good->title,
            cells: array_map(static fn (array $column): KeepCellView => $column[$n], $columns),
        ), $goods, array_keys($goods));
        usort($rows, static fn (KeepRowView $a, KeepRowView $b): int => $b->amiss() <=> $a->amiss());
        $cells = array_merge(...array_map(static fn (KeepRowView $row): array => $row->cells, $rows));
        $kinds = array_count_values(array_map(static fn (KeepCellView $c): string => $c->kind, $cells));

        return new KeepSheetView(
            places: array_map(static fn (PlaceTerms $terms): string => $terms->place->name, $places),
            rows: $rows,
            goods: count($goods),
            more: $more,
            holes: $kinds[KeepCellView::HOLE] ?? 0,
            losses: $kinds[KeepCellView::LOSS] ?? 0,
            most: max([1, ...array_map(static fn (KeepCellView $c): int => max(0, $c->keep->minor ?? 0), $cells)]),
        );
    }

    /**
     * @param  list<WindowGood>  $goods
     * @return list<KeepCellView>
     */
    private static function column(Stall $stall, array $goods, PlaceTerms $terms): array
    {
        $territory = $terms->place->territories[0];
        $to = new Destination($territory->country, $territory->parts[0] ?? null);
        // Whatever address lies there, it is this place's.
        $anywhere = new PlaceTerms(new Place($terms->place->id, $terms->place->name, []), $terms->ways, $terms->rules);
        $resolver = new Resolver([$anywhere], [], now()->setTimezone(Clock::of($stall)->zone)->toDateTimeImmutable());
        // At the prices of that market, where it has some of its own.
        $there = array_column(
            MarketGoods::those($stall->seenFrom($to->country), array_map(static fn (WindowGood $g): int => $g->variant, $goods)),
            null,
            'variant',
        );
        $wanted = array_map(static fn (WindowGood $g): WantedLine => ($there[$g->variant] ?? $g)->wanted(), $goods);
        $sheet = CostSheet::of($stall);

        return array_map(
            static fn (QuotedGoods $one): KeepCellView => self::cell($stall, $sheet, $resolver, $one, $to),
            SentGoods::of($stall, $wanted, $to->country),
        );
    }

    private static function cell(
        Stall $stall,
        CostSheet $sheet,
        Resolver $resolver,
        QuotedGoods $one,
        Destination $to,
    ): KeepCellView {
        $found = $resolver->resolve([$one], $to);
        $way = $found->way(null);
        $till = $way === null ? null : QuoteFigures::of($stall, [$one], $way, $to->country, $sheet);
        if ($till === null) {
            return KeepCellView::hole(self::why($found->stops[0] ?? null), $found->stops !== []);
        }
        $terms = $sheet->terms($to->country);
        $even = $till->keep->isNegative() ? EvenCharge::of($terms, $till->price, $till->landed) : null;

        return KeepCellView::of($till->keep, self::mend($till, $even));
    }

    private static function why(?Stop $stop): string
    {
        return match ($stop?->kind) {
            StopKind::Rule => 'You keep it back from there.',
            StopKind::Supplier => 'Its supplier doesn’t send it there. Another supplier may.',
            StopKind::Stock => 'None lies where it could be sent from.',
            default => 'What sending it costs isn’t known yet.',
        };
    }

    private static function mend(Till $till, ?Money $even): string
    {
        return match (true) {
            ! $till->keep->isNegative() => '',
            $even === null => 'No charge for delivery makes it even. Find another supplier, or don’t send it there.',
            default => sprintf(
                'Sending it costs you %s and %s is charged. At %s it is even.',
                MoneyView::text($till->delivery),
                MoneyView::text($till->charged),
                MoneyView::text($even),
            ),
        };
    }
}
