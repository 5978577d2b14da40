<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** Of each so many pieces some cost nothing: the cheapest of all those it holds for. */
final readonly class PiecesFree implements Reduction
{
    /**
     * @param  int  $of  pieces that are taken together
     * @param  int  $paid  how many of them are paid
     */
    public function __construct(public int $of, public int $paid)
    {
        if ($paid < 1 || $of <= $paid || $of > 20) {
            throw new \InvalidArgumentException('Of 2 to 20 pieces, fewer are paid, and one at least.');
        }
    }

    public function of(array $lines): int
    {
        $each = [];
        foreach ($lines as $line) {
            // A laddered line’s pieces cost what it comes to, shared out; the odd minor units lie on the first.
            $rest = $line->left % $line->pieces;
            for ($n = 0; $n < $line->pieces; $n++) {
                $each[] = intdiv($line->left, $line->pieces) + ($n < $rest ? 1 : 0);
            }
        }
        sort($each);
        $free = intdiv(count($each), $this->of) * ($this->of - $this->paid);

        return array_sum(array_slice($each, 0, $free));
    }

    public function turn(): int
    {
        return 2;
    }
}
