<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;

/**
 * How a computed price becomes one that people expect to see, such as 24.95 (a part below the whole unit) or 24.50
 * (steps of 0.50).
 *
 * Up never brings a price below what was computed; nearest may, by less than half a step, and takes the higher of two
 * equally near.
 */
final readonly class Ending
{
    /**
     * @param  int  $minor  what prices end in, in minor units (95 for x.95; 0 for whole steps)
     * @param  int|null  $every  minor units from one such price to the next; null for a whole unit
     */
    public function __construct(public int $minor, public ?int $every = null, public Toward $toward = Toward::Up)
    {
        if ($minor < 0 || ($every !== null && ($every < 1 || $minor >= $every))) {
            throw new \InvalidArgumentException('An ending is nought or more and less than its step.');
        }
    }

    /**
     * What a price becomes.
     *
     * @throws EndingOutOfRange when the currency has no such part (95 in a currency without decimals)
     */
    public function of(Money $price): Money
    {
        $up = $this->atLeast($price);
        if ($this->toward === Toward::Up) {
            return $up;
        }
        $down = $this->atMost($price);

        return $down === null || $up->minor - $price->minor <= $price->minor - $down->minor ? $up : $down;
    }

    /** The first such price that isn't below. @throws EndingOutOfRange */
    public function atLeast(Money $price): Money
    {
        $step = $this->step($price->currency);
        $candidate = intdiv($price->minor, $step) * $step + $this->minor;

        return $price->with($candidate >= $price->minor ? $candidate : $candidate + $step);
    }

    /**
     * The last such price that isn't above, of those above nought; null when there is none. @throws EndingOutOfRange
     */
    public function atMost(Money $price): ?Money
    {
        $step = $this->step($price->currency);
        $candidate = intdiv($price->minor, $step) * $step + $this->minor;
        $candidate = $candidate <= $price->minor ? $candidate : $candidate - $step;

        return $candidate > 0 ? $price->with($candidate) : null;
    }

    /** Minor units from one such price to the next. @throws EndingOutOfRange */
    public function step(Currency $currency): int
    {
        $step = $this->every ?? $currency->minorPerUnit();
        if ($this->minor >= $step) {
            throw EndingOutOfRange::for($this->minor, $currency);
        }

        return $step;
    }

    /** "ends .95", "to the nearest 0.50". */
    public function words(Currency $currency): string
    {
        $unit = $currency->minorPerUnit();
        if ($this->every === null || ($this->every === $unit && $this->minor > 0)) {
            $end =
                $unit === 1
                    ? 'whole'
                    : 'ends .'.str_pad((string) $this->minor, $currency->decimals, '0', STR_PAD_LEFT);

            return $this->toward === Toward::Up ? $end : $end.', whichever is nearest';
        }
        $step = (new Money($this->every, $currency))->digits();
        $plus = $this->minor === 0 ? '' : ' and '.(new Money($this->minor, $currency))->digits();

        return ($this->toward === Toward::Up ? 'up to the next ' : 'to the nearest ').$step.$plus;
    }
}
