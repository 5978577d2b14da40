<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Recipe\RecipeUnreadable;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;

/** Prices that fall with quantity. */
final readonly class Ladder
{
    /** What rungs begin with, in basis points off. */
    private const FIRST_OFF = 1_000;

    private const FURTHER_OFF = 500;

    private const MOST_OFF = 5_000;

    /** @var list<Rung> by rising pieces */
    public array $rungs;

    /** @param  list<Rung>  $rungs */
    public function __construct(array $rungs)
    {
        usort($rungs, static fn (Rung $a, Rung $b): int => $a->pieces <=> $b->pieces);
        if (count(array_unique(array_map(static fn (Rung $r): int => $r->pieces, $rungs))) < count($rungs)) {
            throw new RecipeUnreadable('Two rungs begin at the same number of pieces.');
        }
        $this->rungs = $rungs;
    }

    /** What one more rung may begin with: a piece more than the last, and five in a hundred more off, up to half. */
    public function next(): Rung
    {
        $last = $this->rungs[count($this->rungs) - 1] ?? null;

        return Rung::percent(
            ($last->pieces ?? 1) + 1,
            Rate::bp(min(self::MOST_OFF, self::FIRST_OFF + self::FURTHER_OFF * count($this->rungs))),
        );
    }

    /**
     * What so many pieces cost together; never more than without the ladder.
     *
     * @param  int  $quantity  pieces
     */
    public function price(Money $piece, int $quantity): Money
    {
        return $piece->with($this->prices([['piece' => $piece->minor, 'pieces' => $quantity]])[0]);
    }

    /**
     * What lines of the same goods come to, such as two in green and one in black: all their pieces count towards a rung,
     * and of the rungs they reach the one that costs least for all of them together counts. Where each line by itself
     * costs less, that counts: who mixes never pays more.
     *
     * @param  non-empty-list<array{piece: int, pieces: int}>  $lines  what one piece costs, in minor units, and how many
     * @return non-empty-list<int> of each line, minor units
     */
    public function prices(array $lines): array
    {
        $least = count($lines) === 1
            ? [$lines[0]['piece'] * $lines[0]['pieces']]
            : array_map(fn (array $line): int => $this->prices([$line])[0], $lines);
        $pieces = array_sum(array_column($lines, 'pieces'));
        foreach ($this->rungs as $rung) {
            $on = $rung->pieces <= $pieces ? $rung->prices($lines) : [];
            $least = $on !== [] && array_sum($on) < array_sum($least) ? $on : $least;
        }

        return $least;
    }

    /** From how many pieces on one costs no less than on the rung below; null where each rung is a step down. */
    public function rises(Money $piece): ?int
    {
        $below = $piece->rational();
        foreach ($this->rungs as $rung) {
            $each = $piece->with($rung->prices([['piece' => $piece->minor, 'pieces' => $rung->pieces]])[0])
                ->rational()
                ->dividedBy($rung->pieces);
            if (! $each->isLessThan($below)) {
                return $rung->pieces;
            }
            $below = $each;
        }

        return null;
    }

    /** The rung on which a piece costs least, where that is one; null where none is cheaper than a single piece. */
    public function bestOf(Money $piece): ?int
    {
        $best = [];
        foreach ($this->rungs as $rung) {
            $best[$rung->pieces] = $this->price($piece, $rung->pieces)->rational()->dividedBy($rung->pieces);
        }
        $least = null;
        foreach ($best as $each) {
            $least = $least === null || $each->isLessThan($least) ? $each : $least;
        }
        if ($least === null || ! $least->isLessThan($piece->rational())) {
            return null;
        }
        $who = array_keys(array_filter($best, static fn ($each): bool => $each->isEqualTo($least)));

        return count($who) === 1 ? $who[0] : null;
    }

    /**
     * What each rung comes to, beginning with one piece.
     *
     * Whoever would have bought as many anyway now pays less: a loss of full − rung on each. Whoever climbs from the
     * rung below brings rung − below. The ladder pays once the climbers' share of all buyers reaches anyway × loss ÷
     * gain.
     *
     * @param  callable(int): Landed  $landed  what so many pieces cost landed in one parcel
     * @param  callable(int): int  $anyway  of 10,000 buyers, how many take so many pieces without a ladder
     * @return list<RungFigures>
     */
    public function figures(
        Money $piece,
        callable $landed,
        SaleTerms $terms,
        callable $anyway,
        ?Floor $floor = null,
    ): array {
        $figures = [];
        $below = null;
        foreach ([1, ...array_map(static fn (Rung $r): int => $r->pieces, $this->rungs)] as $pieces) {
            $cost = $landed($pieces);
            $till = Till::ring($this->price($piece, $pieces), $cost, $terms);
            $full = Till::ring($piece->times($pieces), $cost, $terms);
            $share = $pieces === 1 ? 0 : max(0, $anyway($pieces));
            $gain = $below === null ? 0 : $till->keep->minor - $below->keep->minor;
            $loss = max(0, $full->keep->minor - $till->keep->minor);
            $figures[] = new RungFigures(
                $pieces,
                $till,
                $share,
                match (true) {
                    $below === null || $loss === 0 || $share === 0 => 0,
                    $gain <= 0 => null,
                    default => \WindowStall\Core\Money\Rounding::up($share, $loss, $gain),
                },
                $below !== null && $gain < 0,
                $floor !== null && ! $floor->met($till->price->minor, $cost->total->minor, $terms),
            );
            $below = $till;
        }

        return $figures;
    }
}
