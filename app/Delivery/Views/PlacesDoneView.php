<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Pricing\PricingChange;
use WindowStall\Stall\Stall;

/** The places as they stand after a step, and the step. */
final readonly class PlacesDoneView
{
    public function __construct(public PlacesView $where, public ?int $change, public string $words)
    {
    }

    public static function of(Stall $stall, ?PricingChange $change = null): self
    {
        return new self(PlacesView::of($stall), $change?->id, $change->words ?? '');
    }
}
