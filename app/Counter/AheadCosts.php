<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\Dispatch\ExpectedLine;
use WindowStall\Core\Money\Money;
use WindowStall\Source\Account\BoughtAhead;
use WindowStall\Stall\Stall;

/** What pieces cost that were bought ahead, as one order after the other uses them up. */
final class AheadCosts
{
    /** @param  array<int, list<array{int, Money}>>  $left  pieces and what each cost, by variant */
    private function __construct(private array $left)
    {
    }

    /** @param  iterable<int>  $variants */
    public static function of(Stall $stall, iterable $variants): self
    {
        $left = [];
        foreach (BoughtAhead::left($stall, $variants) as $lot) {
            $left[$lot->supplier_variant_id][] = [$lot->left, $stall->rateFrom($lot->currency)->convert($lot->cost())];
        }

        return new self($left);
    }

    /** @return list<ExpectedLine> the line, in parts where some of its pieces were bought ahead */
    public function draw(int $variant, ExpectedLine $line): array
    {
        $parts = [];
        $wanted = $line->pieces;
        foreach ($this->left[$variant] ?? [] as $n => [$left, $cost]) {
            $taken = min($wanted, $left);
            if ($taken > 0) {
                $parts[] = new ExpectedLine($line->supplier, $taken, $cost, $line->delivery, $line->duty);
                $this->left[$variant][$n] = [$left - $taken, $cost];
                $wanted -= $taken;
            }
        }

        return $wanted === $line->pieces
            ? [$line]
            : [...$parts, ...$wanted > 0 ? [new ExpectedLine($line->supplier, $wanted, $line->goods, $line->delivery, $line->duty)] : []];
    }
}
