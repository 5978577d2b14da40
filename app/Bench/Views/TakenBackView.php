<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Runs\Views\RunView;

/** A step being taken back; one that touched many goes on in the background. */
final readonly class TakenBackView
{
    public function __construct(public ?RunView $run)
    {
    }
}
