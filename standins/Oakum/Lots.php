<?php

declare(strict_types=1);

namespace WindowStall\Standins\Oakum;

/** Pieces an account has bought ahead: they lie here, paid for, until its orders use them up. */
final class Lots
{
    /**
     * Takes what there is of them for an order.
     *
     * @return array{array<int, int>, int, int} pieces by lot, what these cost when they were bought, and what they would now
     */
    public static function draw(string $key, string $variant, int $pieces, int $cost): array
    {
        $used = [];
        $paid = 0;
        $wanted = $pieces;
        $lots = Books::table('lots')->where('key', $key)->where('variant', $variant)->where('left', '>', 0);
        foreach ($lots->orderBy('id')->lockForUpdate()->get() as $lot) {
            $taken = min($wanted, (int) $lot->left);
            if ($taken > 0) {
                Books::table('lots')->where('id', $lot->id)->decrement('left', $taken);
                $used[(int) $lot->id] = $taken;
                $paid += $taken * (int) $lot->cost;
                $wanted -= $taken;
            }
        }

        return [$used, $paid, ($pieces - $wanted) * $cost];
    }

    /** @return list<array{variant: string, pieces: int, left: int, cost: int}> */
    public static function of(string $key): array
    {
        return array_values(Books::table('lots')->where('key', $key)->orderBy('id')->get()->map(static fn (\stdClass $lot): array => [
            'variant' => $lot->variant,
            'pieces' => (int) $lot->pieces,
            'left' => (int) $lot->left,
            'cost' => (int) $lot->cost,
        ])->all());
    }
}
