<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\RungFigures;
use WindowStall\Pricing\RecentSales;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Support\Views\Percent;

/** A listing's multi-buy ladder, rung by rung, worked out on the variant that keeps least. */
final readonly class LadderView
{
    /** Of 10,000 buyers, taken for those who buy several anyway where no orders tell. */
    private const GUESS = 500;

    /**
     * @param  list<TypedRungView>  $typed  as they stand in the form
     * @param  list<RungView>  $rungs  beginning with one piece; empty without a price
     * @param  TypedRungView|null  $next  what one more rung begins with; null when there are as many as can be
     */
    public function __construct(
        public array $typed,
        public array $rungs,
        public string $about,
        public ?TypedRungView $next,
    ) {
    }

    /** @param  list<array{pieces: int, kind: string, value: string, words?: string}>  $typed */
    public static function of(ListingFigures $f, Ladder $ladder, array $typed): self
    {
        $worst = null;
        foreach ($f->variants as $v) {
            if (
                $v->on &&
                $v->price !== null &&
                $v->till !== null &&
                ($worst?->till === null || $v->till->keep->compare($worst->till->keep) < 0)
            ) {
                $worst = $v;
            }
        }
        if (! ($worst instanceof VariantFigures) || $worst->price === null) {
            return new self(
                typed: self::typed($typed),
                rungs: [],
                about: 'Nothing here has a price yet.',
                next: self::next($ladder),
            );
        }
        $supplier = $worst->row->selling();
        $code = (string) $supplier->item?->currency;
        $sheet = CostSheet::of($f->stall);
        $money = static fn (?int $minor): Money => Money::of((int) $minor, $code);
        $cost = new \WindowStall\Core\Landing\Cost(
            $money($supplier->cost_minor),
            $money($supplier->first_minor),
            $money($supplier->further_minor ?? $supplier->first_minor),
            $sheet->duty($f->stall->home_market),
            $sheet->parcelOf((int) $supplier->item?->connection_id),
        );
        $bought = RecentSales::quantities($f->stall, $f->listing->id);
        $figures = $ladder->figures(
            $worst->price,
            static fn (int $n): Landed => $cost->landed($n, $sheet->rates()),
            $f->terms,
            static fn (int $n): int => $bought === null ? self::GUESS : $bought[min(99, $n)] ?? 0,
            $f->recipeOf($worst)->floor,
        );

        return new self(
            typed: self::typed($typed),
            rungs: array_map(static fn (RungFigures $r): RungView => RungView::of($r, $bought !== null), $figures),
            about: $worst->label === '' ? '' : sprintf('Worked out on %s, which keeps least.', $worst->label),
            next: self::next($ladder),
        );
    }

    private static function next(Ladder $ladder): ?TypedRungView
    {
        $next = $ladder->next();

        return count($ladder->rungs) >= Ladders::MOST_RUNGS
            ? null
            : new TypedRungView(
                pieces: $next->pieces,
                kind: $next->kind->value,
                value: Percent::digits(intdiv($next->value, 100)),
            );
    }

    /**
     * @param  list<array{pieces: int, kind: string, value: string, words?: string}>  $typed
     * @return list<TypedRungView>
     */
    private static function typed(array $typed): array
    {
        return array_map(
            static fn (array $r): TypedRungView => new TypedRungView(
                pieces: $r['pieces'],
                kind: $r['kind'],
                value: $r['value'],
                words: $r['words'] ?? '',
            ),
            $typed,
        );
    }
}
