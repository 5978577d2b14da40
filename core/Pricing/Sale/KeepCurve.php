<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Sale;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Floor;

/**
 * What is kept at each of many prices, for a picture: with where nothing is lost, where the floor lies, and the prices
 * asked.
 */
final readonly class KeepCurve
{
    private const POINTS = 120;

    /** @param  list<array{price: Money, keep: Money, marginBp: int|null}>  $points  by rising price */
    private function __construct(public array $points, public ?Money $breakEven, public ?Money $floor)
    {
    }

    /** @param  list<Money>  $marks  prices that have to lie on it, such as the price now and the RRP */
    public static function of(Landed $landed, SaleTerms $terms, ?Floor $floor, array $marks): self
    {
        $breakEven = $terms->priceKeeping($landed->total, Money::zero($landed->total->currency));
        $least = $floor?->price($landed->total, $terms);
        $known = [
            $landed->total->minor,
            ...array_map(
                static fn (Money $m): int => $m->minor,
                array_values(array_filter([$breakEven, $least, ...$marks])),
            ),
        ];
        $most = max(20, max($known));
        $low = intdiv(min($known), 2);
        $high = $most + intdiv($most, 3);
        // Steps that people price in: 1, 2 or 5 of some decimal place.
        $step = self::round(max(1, intdiv($high - $low, self::POINTS)));
        $prices = range(intdiv($low, $step) * $step, $high, $step);
        $prices = array_values(array_unique([...$prices, ...$known]));
        sort($prices);

        return new self(
            array_map(static function (int $price) use ($landed, $terms): array {
                $till = Till::ring($landed->total->with($price), $landed, $terms);

                return ['price' => $till->price, 'keep' => $till->keep, 'marginBp' => $till->marginBp];
            }, $prices),
            $breakEven,
            $least,
        );
    }

    private static function round(int $step): int
    {
        $place = 10 ** (strlen((string) $step) - 1);
        foreach ([1, 2, 5, 10] as $leading) {
            if ($leading * $place >= $step) {
                return $leading * $place;
            }
        }

        return $step;
    }
}
