<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

/** Which rung of a ladder most buyers stood on, where enough bought for that to say something. */
final readonly class RungsChosen
{
    /** Of fewer buyers nothing is said. */
    public const LEAST = 20;

    /**
     * @param  int  $pieces  from which the rung begins
     * @param  int  $buyers  who stood on it
     * @param  int  $all  who bought
     */
    private function __construct(public int $pieces, public int $buyers, public int $all)
    {
    }

    /**
     * The rung that more buyers stood on than on any other; null where two share that, where it is a single piece, or
     * where too few bought.
     *
     * @param  non-empty-list<int>  $rungs  pieces from which each begins, rising, with one piece first
     * @param  array<int, int>  $bought  pieces → how many buyers took so many
     */
    public static function of(array $rungs, array $bought): ?self
    {
        $stood = array_fill_keys($rungs, 0);
        foreach ($bought as $pieces => $buyers) {
            $below = array_filter($rungs, static fn (int $rung): bool => $rung <= $pieces);
            $stood[$below === [] ? $rungs[0] : max($below)] += $buyers;
        }
        $all = array_sum($stood);
        $most = array_keys($stood, max($stood), true);

        return $all < self::LEAST || count($most) > 1 || $most[0] === 1 ? null : new self($most[0], $stood[$most[0]], $all);
    }

    /** Of ten buyers, how many, rounded down. */
    public function ofTen(): int
    {
        return intdiv(10 * $this->buyers, $this->all);
    }
}
