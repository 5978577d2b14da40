<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Core\Pricing\Recipe\RuledRecipe;
use WindowStall\Core\Words\Plural;
use WindowStall\Pricing\RecentSales;
use WindowStall\Pricing\TryPricing;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/**
 * What a trial came to, before → after.
 *
 * @phpstan-import-type Changes from CostSheet
 */
final readonly class TrialFiguresView
{
    /**
     * @param  list<MoveView>  $biggest
     * @param  list<int>  $bands  where margin bands end, in basis points
     * @param  list<int>  $before  variants in each band
     * @param  list<int>  $after
     * @param  list<TrialMarketView>|null  $markets  the others; null while they are being worked out
     */
    public function __construct(
        public int $variants,
        public int $up,
        public int $down,
        public int $underBefore,
        public int $underAfter,
        public int $fallen,
        public int $unpriced,
        public MoneyView $keptBefore,
        public MoneyView $keptAfter,
        public int $sold,
        public array $biggest,
        public array $bands,
        public array $before,
        public array $after,
        public string $words,
        public string $took,
        public ?array $markets = [],
    ) {
    }

    /**
     * @param  Changes  $changes  what was tried
     * @param  list<TrialMarketView>|null  $markets
     */
    public static function of(Stall $stall, array $changes, TrialTally $t, float $seconds, ?array $markets): self
    {
        $names = TryPricing::names($t->biggest());
        $recipes = array_column(CostSheet::of($stall, $changes)->book()->recipes, null, 'id');
        $moves = array_map(
            static fn (array $m): MoveView => new MoveView(
                variant: $m['variant'],
                name: $names[$m['variant']] ?? '',
                before: MoneyView::of($stall->money($m['before'])),
                after: MoneyView::of($stall->money($m['after'])),
                moved: ($m['movedBp'] < 0 ? '−' : '+').intdiv(abs($m['movedBp']) + 50, 100).'%',
                crossed: TrialTally::crosses($m['from'], $m['to'])
                    ? self::crossed($stall, $recipes[$m['from']] ?? null, $recipes[$m['to']] ?? null, $m['goods'])
                    : '',
            ),
            $t->biggest(),
        );

        return new self(
            variants: $t->variants,
            up: $t->up,
            down: $t->down,
            underBefore: $t->underBefore,
            underAfter: $t->underAfter,
            fallen: $t->fallen,
            unpriced: $t->unpriced,
            keptBefore: MoneyView::of($stall->money($t->keptBefore)),
            keptAfter: MoneyView::of($stall->money($t->keptAfter)),
            sold: $t->sold,
            biggest: $moves,
            bands: TrialTally::BANDS,
            before: array_values($t->before),
            after: array_values($t->after),
            words: self::words($stall, $t).
                (isset($changes['rates']) && $stall->rate_tolerance_bp > 0
                    ? sprintf(
                        ' Prices stay while a rate moves less than %s%%.',
                        Percent::digits($stall->rate_tolerance_bp),
                    )
                    : ''),
            took: sprintf('%.1f s', $seconds),
            markets: $markets,
        );
    }

    /** @param  array<string, mixed>  $said  as it was kept with the trial */
    public static function stored(array $said): self
    {
        $money = static fn (mixed $m): MoneyView => MoneyView::of(
            Money::of((int) (((array) $m)['minor'] ?? 0), (string) (((array) $m)['currency'] ?? 'GBP')),
        );
        $said['keptBefore'] = $money($said['keptBefore'] ?? []);
        $said['keptAfter'] = $money($said['keptAfter'] ?? []);
        $said['biggest'] = array_map(
            static fn (mixed $m): MoveView => new MoveView(
                ...array_replace((array) $m, [
                    'before' => $money(((array) $m)['before'] ?? []),
                    'after' => $money(((array) $m)['after'] ?? []),
                ]),
            ),
            (array) ($said['biggest'] ?? []),
        );
        if (isset($said['markets'])) {
            $said['markets'] = array_map(
                static fn (mixed $m): TrialMarketView => new TrialMarketView(...(array) $m),
                (array) $said['markets'],
            );
        }

        return new self(...$said);
    }

    /**
     * Which recipe prices what moved, and where it took over.
     *
     * @param  int|null  $goods  what the goods cost now, in minor units
     */
    private static function crossed(Stall $stall, ?RuledRecipe $from, ?RuledRecipe $to, ?int $goods): string
    {
        if ($from === null || $to === null) {
            return '';
        }
        $edge = match (true) {
            $from->when->costTo !== null && $goods > $from->when->costTo => ['past', $from->when->costTo, 'ends'],
            $from->when->costFrom !== null && $goods < $from->when->costFrom => ['under', $from->when->costFrom, 'begins'],
            default => null,
        };

        return $edge === null
            ? sprintf('priced by “%s” now, not by “%s”', $to->name, $from->name)
            : sprintf(
                '%s %s, where “%s” %s: priced by “%s” now',
                $edge[0],
                $stall->money($edge[1])->digits(),
                $from->name,
                $edge[2],
                $to->name,
            );
    }

    private static function words(Stall $stall, TrialTally $t): string
    {
        $moved = $t->up + $t->down;
        $said =
            $moved === 0
                ? sprintf('None of %s prices would move.', number_format($t->variants))
                : sprintf(
                    '%s of %s prices would move: %s up, %s down.',
                    number_format($moved),
                    number_format($t->variants),
                    number_format($t->up),
                    number_format($t->down),
                );
        if ($t->crossed > 0) {
            $said .= sprintf(
                ' %s because another recipe prices %s.',
                Plural::of($t->crossed, 'of them moves', 'of them move'),
                Plural::word($t->crossed, 'it', 'them'),
            );
        }
        if ($t->sold > 0) {
            $change = $t->keptAfter - $t->keptBefore;
            $said .= sprintf(
                ' On the %s pieces sold in the last %d days you would have kept %s %s.',
                number_format($t->sold),
                RecentSales::DAYS,
                MoneyView::text($stall->money(abs($change))),
                $change < 0 ? 'less' : 'more',
            );
        } else {
            $said .= sprintf(' Nothing was sold in the last %d days, so there is no keep to compare.', RecentSales::DAYS);
        }

        return $said;
    }
}
