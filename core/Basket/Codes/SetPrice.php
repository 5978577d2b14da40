<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Money\Money;

/**
 * One piece of each of several goods, together for a price: as many sets as there are in the basket, of the dearest pieces,
 * and never for more than the pieces cost apart.
 */
final readonly class SetPrice implements Weighed
{
    public const LEAST = 2;

    public const MOST = 6;

    /**
     * @param  Money  $price  of one set
     * @param  list<int>  $goods  by which whoever asks knows them again, each once
     */
    public function __construct(public Money $price, public array $goods)
    {
        if (count($goods) < self::LEAST || count($goods) > self::MOST || count(array_unique($goods)) < count($goods)) {
            throw new \InvalidArgumentException(sprintf('A set is made of %d to %d goods.', self::LEAST, self::MOST));
        }
    }

    public function of(array $lines): int
    {
        $pieces = $this->pieces($lines);
        $apart = array_sum(array_column($pieces, 'each'));

        return max(0, $apart - $this->price->minor * intdiv(count($pieces), count($this->goods)));
    }

    public function weights(array $lines): array
    {
        $weights = [];
        foreach ($this->pieces($lines) as $piece) {
            $weights[$piece['key']] = ($weights[$piece['key']] ?? 0) + $piece['each'];
        }

        return $weights;
    }

    public function turn(): int
    {
        return 1;
    }

    /**
     * @param  list<DiscountedLine>  $lines
     * @return list<array{each: int, key: int}> the pieces that sets are made of
     */
    private function pieces(array $lines): array
    {
        $of = array_fill_keys($this->goods, []);
        foreach ($lines as $line) {
            // A laddered line’s pieces cost what it comes to, shared out; the odd minor units lie on the first.
            $rest = $line->left % $line->pieces;
            for ($n = 0; isset($of[$line->goods]) && $n < $line->pieces; $n++) {
                $of[$line->goods][] = ['each' => intdiv($line->left, $line->pieces) + ($n < $rest ? 1 : 0), 'key' => $line->key];
            }
        }
        $sets = min([BasketLine::MOST_PIECES, ...array_values(array_map(count(...), $of))]);
        $pieces = [];
        foreach ($of as $each) {
            usort($each, static fn (array $a, array $b): int => [$b['each'], $a['key']] <=> [$a['each'], $b['key']]);
            array_push($pieces, ...array_slice($each, 0, $sets));
        }

        return $pieces;
    }
}
