<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** What has to be known of a listing besides the change itself. */
final readonly class Circumstances
{
    /**
     * @param  bool  $held  whether the seller said this fact themselves: a title, a price by hand
     * @param  int|null  $movedBp  how far a cost moved, in basis points of what it was; negative where it fell
     * @param  bool  $underFloor  whether the price that stands would fall under its floor
     */
    public function __construct(public bool $held = false, public ?int $movedBp = null, public bool $underFloor = false)
    {
    }
}
