<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

/**
 * Adds up what a trial would do, variant by variant: how many prices move, the biggest moves, who falls under the
 * floor, what is kept at the quantities sold, and how margins lie before and after.
 *
 * @phpstan-type Move array{variant: int, before: int, after: int, movedBp: int, from: int, to: int,
 *     goods: int|null}
 */
final class TrialTally
{
    /** Margins are told apart by these, in basis points: under nought, to 5%, 10% … 60%, above. */
    public const BANDS = [0, 500, 1000, 1500, 2000, 2500, 3000, 3500, 4000, 4500, 5000, 5500, 6000];

    public const BIGGEST = 12;

    public int $variants = 0;

    public int $up = 0;

    public int $down = 0;

    public int $underBefore = 0;

    public int $underAfter = 0;

    public int $fallen = 0;

    /** Prices that move and are made by another recipe than before. */
    public int $crossed = 0;

    public int $unpriced = 0;

    public int $keptBefore = 0;

    public int $keptAfter = 0;

    public int $sold = 0;

    /** @var array<int, int> band → variants */
    public array $before;

    /** @var array<int, int> */
    public array $after;

    /** @var list<Move> */
    private array $moves = [];

    private int $least = 0;

    public function __construct()
    {
        $this->before = $this->after = array_fill(0, count(self::BANDS) + 1, 0);
    }

    /**
     * @param  int  $variant  its number
     * @param  int  $sold  pieces of it sold in the time looked at
     */
    public function add(int $variant, PricedOnce $before, PricedOnce $after, int $sold): void
    {
        $this->variants++;
        $this->underBefore += (int) $before->underFloor;
        $this->underAfter += (int) $after->underFloor;
        $this->fallen += (int) ($after->underFloor && ! $before->underFloor);
        $this->unpriced += (int) ($after->price === null);
        if ($before->marginBp !== null) {
            $this->before[self::band($before->marginBp)]++;
        }
        if ($after->marginBp !== null) {
            $this->after[self::band($after->marginBp)]++;
        }
        if ($sold > 0) {
            $this->sold += $sold;
            $this->keptBefore += $sold * ($before->keep ?? 0);
            $this->keptAfter += $sold * ($after->keep ?? 0);
        }
        if ($before->price === null || $after->price === null || $before->price === $after->price) {
            return;
        }
        $after->price > $before->price ? $this->up++ : $this->down++;
        $this->crossed += (int) self::crosses($before->recipe, $after->recipe);
        $moved = $before->price === 0 ? 10_000 : intdiv(($after->price - $before->price) * 10_000, $before->price);
        if (abs($moved) > $this->least || count($this->moves) < self::BIGGEST) {
            $this->moves[] = [
                'variant' => $variant,
                'before' => $before->price,
                'after' => $after->price,
                'movedBp' => $moved,
                'from' => $before->recipe,
                'to' => $after->recipe,
                'goods' => $after->goods,
            ];
            if (count($this->moves) > 8 * self::BIGGEST) {
                $this->moves = $this->biggest();
                $this->least = abs($this->moves[self::BIGGEST - 1]['movedBp']);
            }
        }
    }

    /**
     * @return list<Move> by how far they move, the farthest first
     */
    public function biggest(): array
    {
        $moves = $this->moves;
        usort(
            $moves,
            static fn (array $a, array $b): int => [abs($b['movedBp']), $a['variant']] <=> [
                abs($a['movedBp']),
                $b['variant'],
            ],
        );

        return array_slice($moves, 0, self::BIGGEST);
    }

    /** Whether a price is made by another of the stall's recipes than before. */
    public static function crosses(int $from, int $to): bool
    {
        return $from !== 0 && $to !== 0 && $from !== $to;
    }

    /**
     * Which of the bands a margin lies in, from nought for a loss.
     *
     * @param  int  $marginBp  in basis points
     */
    public static function band(int $marginBp): int
    {
        foreach (self::BANDS as $n => $under) {
            if ($marginBp < $under) {
                return $n;
            }
        }

        return count(self::BANDS);
    }
}
