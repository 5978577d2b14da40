<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Rehearsal\RolledShopper;
use WindowStall\Core\Opening\Rehearsal\RolledStep;
use WindowStall\Stall\Stall;

/** One shopper of a rehearsal on its roll. */
final readonly class RolledShopperView
{
    /**
     * @param  string  $head  "The United Kingdom, by card"
     * @param  list<RolledStepView>  $steps
     */
    public function __construct(public string $head, public array $steps)
    {
    }

    public static function of(Stall $stall, RolledShopper $shopper): self
    {
        return new self(
            head: implode(', ', array_filter([
                ucfirst(Stall::countrySaid($shopper->country)),
                $shopper->method === null ? 'no way to pay' : lcfirst($shopper->method->words()),
            ])),
            steps: array_map(static fn (RolledStep $step): RolledStepView => RolledStepView::of($stall, $step), $shopper->steps),
        );
    }
}
