<?php

declare(strict_types=1);

namespace WindowStall\Stall\Terms\Views;

/** One step of a recipe as it stands in the form. */
final readonly class StepFormView
{
    /**
     * @param  string  $upTo  the highest cost it counts for; "" for all above
     * @param  string  $method  factor, add, margin or keep
     * @param  string  $value  the factor, the amount, or the margin in percent
     */
    public function __construct(public string $upTo, public string $method, public string $value)
    {
    }
}
