<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Shares;

/**
 * What codes take off a basket, allotted to its lines to the minor unit, the same whichever way the basket was filled.
 *
 * Codes count in the order of their kind (gifts, sets, pieces free, percent, amounts, delivery), then of their number, each on what the
 * earlier ones left. What one takes off is shared out in proportion to what the lines come to, of a set to what its pieces do; minor units that are over go
 * to the largest remainders, then to the lowest key (Hare's method). A line that would fall under its floor is left out.
 * Codes that don't go together stand against all that do: what saves the shopper most counts.
 */
final readonly class Allotment
{
    /**
     * @param  array<int, int>  $lines  key → minor units taken off
     * @param  array<int, int>  $codes  code → minor units taken off by it; codes that took nothing off aren't there
     * @param  bool  $deliveryFree  whether a code makes delivery free
     * @param  list<int>  $unused  codes that don't go together with those that count
     */
    private function __construct(
        public array $lines,
        public array $codes,
        public bool $deliveryFree,
        public array $unused,
    ) {
    }

    public static function none(): self
    {
        return new self([], [], false, []);
    }

    /**
     * @param  list<DiscountedLine>  $lines  each with a key of its own
     * @param  list<Discount>  $codes
     * @param  int  $delivery  what delivery would cost, in minor units: what a code that makes it free saves
     */
    public static function of(array $lines, array $codes, int $delivery = 0): self
    {
        usort($lines, static fn (DiscountedLine $a, DiscountedLine $b): int => $a->key <=> $b->key);
        usort($codes, static fn (Discount $a, Discount $b): int => [$a->reduction->turn(), $a->id] <=> [$b->reduction->turn(), $b->id]);
        $sets = [array_values(array_filter($codes, static fn (Discount $code): bool => $code->together))];
        foreach ($codes as $code) {
            if (! $code->together) {
                $sets[] = [$code];
            }
        }
        $best = null;
        $saved = -1;
        $counted = [];
        foreach ($sets as $set) {
            $allotted = self::together($lines, $set);
            $saves = array_sum($allotted->lines) + ($allotted->deliveryFree ? $delivery : 0);
            if ($saves > $saved) {
                [$best, $saved, $counted] = [$allotted, $saves, $set];
            }
        }

        return $best === null ? self::none() : new self(
            $best->lines,
            $best->codes,
            $best->deliveryFree,
            array_values(array_diff(self::ids($codes), self::ids($counted))),
        );
    }

    /**
     * @param  list<Discount>  $codes
     * @return list<int>
     */
    private static function ids(array $codes): array
    {
        return array_map(static fn (Discount $code): int => $code->id, $codes);
    }

    /**
     * @param  list<DiscountedLine>  $lines
     * @param  list<Discount>  $codes  in their order
     */
    private static function together(array $lines, array $codes): self
    {
        $off = $by = [];
        $free = false;
        foreach ($codes as $code) {
            $holds = self::held($lines, $code);
            if ($holds === []) {
                continue;
            }
            if ($code->reduction instanceof DeliveryOff) {
                $free = true;
                $by[$code->id] = 0;

                continue;
            }
            $shares = self::shares($holds, $code);
            foreach ($lines as $n => $line) {
                $share = $shares[$line->key] ?? 0;
                $lines[$n] = $line->less($share);
                $off[$line->key] = ($off[$line->key] ?? 0) + $share;
            }
            if (array_sum($shares) > 0) {
                $by[$code->id] = array_sum($shares);
            }
        }

        return new self(array_filter($off), $by, $free, []);
    }

    /**
     * @param  list<DiscountedLine>  $lines
     * @return list<DiscountedLine> none where they don't come to the least
     */
    private static function held(array $lines, Discount $code): array
    {
        $holds = array_values(array_filter(
            $lines,
            static fn (DiscountedLine $line): bool => $line->left > 0 && $code->holds($line->key),
        ));

        if ($code->beside !== null) {
            $beside = array_values(array_filter(
                $lines,
                static fn (DiscountedLine $line): bool => $line->left > 0 && in_array($line->key, $code->beside, true),
            ));

            return $beside === [] || DiscountedLine::sum($beside) < ($code->least->minor ?? 0) ? [] : self::cheapest($holds);
        }

        return $code->least !== null && DiscountedLine::sum($holds) < $code->least->minor ? [] : $holds;
    }

    /**
     * Where one piece is given away, it is taken off the line whose pieces cost least.
     *
     * @param  list<DiscountedLine>  $lines
     * @return list<DiscountedLine> that one, if any
     */
    private static function cheapest(array $lines): array
    {
        usort($lines, static fn (DiscountedLine $a, DiscountedLine $b): int => [
            intdiv($a->left, $a->pieces),
            $a->key,
        ] <=> [intdiv($b->left, $b->pieces), $b->key]);

        return array_slice($lines, 0, 1);
    }

    /**
     * @param  non-empty-list<DiscountedLine>  $holds
     * @return array<int, int> key → minor units
     */
    private static function shares(array $holds, Discount $code): array
    {
        while ($holds !== []) {
            $weights = $code->reduction instanceof Weighed ? $code->reduction->weights($holds) : array_column(
                array_map(static fn (DiscountedLine $line): array => [$line->key, $line->left], $holds),
                1,
                0,
            );
            if ($weights === []) {
                return [];
            }
            $shares = Shares::of($code->reduction->of($holds), $weights);
            $above = array_values(array_filter(
                $holds,
                static fn (DiscountedLine $line): bool => $line->left - ($shares[$line->key] ?? 0) >= ($code->floors[$line->key] ?? 0),
            ));
            if (count($above) === count($holds)) {
                return $shares;
            }
            // What is left out lays more on the others, where it is an amount: they are looked at again.
            $holds = $above;
        }

        return [];
    }
}
