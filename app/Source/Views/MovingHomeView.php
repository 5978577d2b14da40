<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Runs\Views\RunView;

/** The move to another home market. */
final readonly class MovingHomeView
{
    /** @param  RunView|null  $run  null where none is under way */
    public function __construct(public ?RunView $run)
    {
    }
}
