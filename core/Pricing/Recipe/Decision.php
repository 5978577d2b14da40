<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

use WindowStall\Core\Money\Money;

/** What a recipe made of a cost, and why. */
final readonly class Decision
{
    /**
     * @param  Money  $cost  what the recipe started from
     * @param  Money|null  $computed  by the step; null where no price meets its target
     * @param  Money|null  $ended  with the ending
     * @param  Money|null  $raised  to the floor, where it had to be
     * @param  Money|null  $capped  under the cap, where it had to be
     * @param  bool  $floorMet  whether the price keeps the floor
     * @param  Money|null  $carried  the charge for delivery that is built in
     */
    public function __construct(
        public Recipe $recipe,
        public Money $landed,
        public Money $cost,
        public Step $step,
        public ?Money $computed,
        public ?Money $ended,
        public ?Money $raised,
        public ?Money $capped,
        public ?Money $price,
        public bool $floorMet = true,
        public ?Money $carried = null,
    ) {
    }

    /** @return list<string> sentences in the order things were done, amounts in plain digits */
    public function reasons(): array
    {
        $basis = ucfirst($this->recipe->basis->words());
        if ($this->computed === null || $this->ended === null) {
            return [
                sprintf(
                    '%s %s %s can’t be met: fees and tax eat all that a higher price brings.',
                    $basis,
                    $this->cost->digits(),
                    $this->step->words(),
                ),
            ];
        }
        $said = [
            sprintf(
                '%s %s %s makes %s%s.',
                $basis,
                $this->cost->digits(),
                $this->step->words(),
                $this->computed->digits(),
                $this->carried === null ? '' : sprintf(' with delivery of %s built in', $this->carried->digits()),
            ),
        ];
        if ($this->recipe->ending !== null) {
            $said[] = sprintf(
                '%s: %s.',
                ucfirst($this->recipe->ending->words($this->ended->currency)),
                $this->ended->digits(),
            );
        }
        if ($this->recipe->floor !== null) {
            $said[] = match (true) {
                $this->raised !== null => sprintf(
                    'The floor of %s asks more: raised to %s.',
                    $this->recipe->floor->words(),
                    $this->raised->digits(),
                ),
                $this->floorMet || $this->capped !== null => sprintf(
                    'The floor of %s is kept.',
                    $this->recipe->floor->words(),
                ),
                default => sprintf('The floor of %s can’t be met at any price.', $this->recipe->floor->words()),
            };
        }
        if ($this->capped !== null) {
            $said[] = sprintf(
                'Not above %s: brought down to %s.',
                $this->recipe->cap?->words(),
                $this->capped->digits(),
            );
            if ($this->floorOverCap()) {
                $said[] = sprintf('Under it the floor of %s can’t be kept.', $this->recipe->floor?->words());
            }
        }

        return $said;
    }

    /** The floor and the cap can't both be had: said, never hidden. */
    public function floorOverCap(): bool
    {
        return ! $this->floorMet && $this->capped !== null;
    }
}
