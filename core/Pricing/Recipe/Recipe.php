<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Offers\FreeDelivery;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/**
 * How a price is made: from goods or landed cost, by the step that the cost falls in, to an ending, raised to the
 * floor, held under the cap.
 *
 * Steps and amounts speak of one sale as a whole, of however many pieces.
 *
 *     // Landed cost × 2.4, ending .95, never under a margin of 10%.
 *     Recipe::plain(2_400_000, new Ending(95), Floor::margin(Rate::bp(1000)))
 *         ->decide(Landed::of(Money::gbp(435), Money::gbp(191)), $terms)->price // 15.95: 6.26 × 2.4 = 15.02, up to .95
 */
final readonly class Recipe
{
    /** @param  non-empty-list<Step>  $steps  by rising cost; the last counts for all above */
    public function __construct(
        public Basis $basis,
        public array $steps,
        public ?Ending $ending = null,
        public ?Floor $floor = null,
        public ?Cap $cap = null,
    ) {
        $above = -1;
        foreach ($steps as $n => $step) {
            $last = $n === count($steps) - 1;
            if ($step->upTo === null ? ! $last : $last || $step->upTo->minor <= $above) {
                throw new RecipeUnreadable(
                    'The steps of a recipe go from the lowest cost upwards, and the last one has no upper end.',
                );
            }
            $above = $step->upTo->minor ?? 0;
        }
    }

    /**
     * Landed cost × a factor, rounded up to an ending: what every stall begins with.
     *
     * @param  int  $factorMillionths  2,400,000 for × 2.4
     */
    public static function plain(int $factorMillionths, Ending $ending, ?Floor $floor = null): self
    {
        return new self(Basis::Landed, [Step::factor($factorMillionths)], $ending, $floor);
    }

    /**
     * @param  Money|null  $rrp  in the stall's currency
     * @param  SaleTerms|null  $carried  terms with a charge for delivery that the price has to carry instead: it keeps
     *     as much without it
     *
     * @throws EndingOutOfRange
     */
    public function decide(Landed $landed, SaleTerms $terms, ?Money $rrp = null, ?SaleTerms $carried = null): Decision
    {
        $cost = $this->basis === Basis::Goods ? $landed->goods : $landed->total;
        $step = $this->step($cost);
        $computed = $step->price($cost, $landed->total, $carried ?? $terms, $this->ending?->toward === Toward::Up);
        if ($carried !== null && $computed !== null) {
            $computed = FreeDelivery::builtIn($computed, $landed, $carried);
        }
        if ($computed === null) {
            return new Decision(
                $this,
                $landed->total,
                $cost,
                $step,
                null,
                null,
                null,
                null,
                null,
                true,
                $carried?->charged,
            );
        }
        $ended = $this->ending?->of($computed) ?? $computed;
        $price = $ended;
        $raised = null;
        $floorMet = true;
        if ($this->floor !== null && ! $this->floor->met($price->minor, $landed->total->minor, $terms)) {
            $raised = $this->raise($this->floor, $landed->total, $terms);
            $floorMet = $raised !== null;
            $price = $raised ?? $price;
        }
        $most = $this->cap?->most($rrp);
        $capped = null;
        if ($most !== null && $price->minor > $most->minor) {
            $capped = $this->under($most, $landed->total, $terms);
            $price = $capped;
            $floorMet = $this->floor === null || $this->floor->met($price->minor, $landed->total->minor, $terms);
        }

        return new Decision(
            $this,
            $landed->total,
            $cost,
            $step,
            $computed,
            $ended,
            $raised,
            $capped,
            $price,
            $floorMet,
            $carried?->charged,
        );
    }

    /**
     * Where one more step by cost may begin: in the middle of what the last step prices, in whole units; without such
     * goods at twice the last step's beginning, or at 5.
     *
     * @param  int|null  $middle  the middle cost of what the last step prices, in minor units
     */
    public function nextStep(Currency $currency, ?int $middle = null): Money
    {
        $unit = $currency->roundUnit();
        $begins = count($this->steps) > 1 ? $this->steps[count($this->steps) - 2]->upTo->minor ?? 0 : 0;
        $at = Rounding::halfUp($middle ?? 0, 1, $unit) * $unit;

        return new Money($at > $begins ? $at : ($begins > 0 ? 2 * $begins : 5 * $unit), $currency);
    }

    /** "landed × 2.4, ends .95, floor 15%" */
    public function words(Currency $currency): string
    {
        $steps = array_map(
            static fn (Step $s, int $n): string => ($s->upTo !== null
                ? 'up to '.$s->upTo->digits().' '
                : ($n > 0
                    ? 'above '
                    : '')).$s->words(),
            $this->steps,
            array_keys($this->steps),
        );
        $parts = [
            ($this->basis === Basis::Goods ? 'goods ' : 'landed ').implode('; ', $steps),
            $this->ending?->words($currency),
        ];
        $parts[] =
            $this->floor === null ? null : 'floor '.($this->floor->margin?->percent() ?? $this->floor->words());
        $parts[] = $this->cap === null ? null : 'not above '.$this->cap->words();

        return implode(', ', array_filter($parts, static fn (?string $p): bool => $p !== null));
    }

    private function step(Money $cost): Step
    {
        foreach ($this->steps as $step) {
            if ($step->covers($cost)) {
                return $step;
            }
        }

        return $step;
    }

    /** The first price with the ending at or above the floor's; null where no price meets the floor. */
    private function raise(Floor $floor, Money $landed, SaleTerms $terms): ?Money
    {
        $least = $floor->price($landed, $terms);
        if ($least === null || $this->ending === null) {
            return $least;
        }
        // An ending may lift a price to where delivery is free and less is kept: then the first there that meets it.
        $free = $floor->priceWithDelivery($landed, $terms);

        return $this->raisedFrom($least, $this->ending, $floor, $landed, $terms)
            ?? ($free === null ? null : $this->raisedFrom($free, $this->ending, $floor, $landed, $terms));
    }

    private function raisedFrom(Money $least, Ending $ending, Floor $floor, Money $landed, SaleTerms $terms): ?Money
    {
        // Rounding of single lines can cost a minor unit just above the lowest price that meets the floor: then the
        // next ending.
        for ($price = $ending->atLeast($least), $n = 0; $n < 5; $n++) {
            if ($floor->met($price->minor, $landed->minor, $terms)) {
                return $price;
            }
            $price = $price->with($price->minor + $ending->step($price->currency));
        }

        return null;
    }

    /**
     * The last ending under the cap, if that meets the floor; else the cap itself, which keeps the most that may be
     * asked.
     */
    private function under(Money $most, Money $landed, SaleTerms $terms): Money
    {
        $ended = $this->ending?->atMost($most) ?? $most;

        return $this->floor === null || $this->floor->met($ended->minor, $landed->minor, $terms) ? $ended : $most;
    }
}
