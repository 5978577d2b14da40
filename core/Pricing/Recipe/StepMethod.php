<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Recipe;

/** What a step of a recipe does with the cost. */
enum StepMethod: string
{
    case Factor = 'factor';
    case Add = 'add';
    case Margin = 'margin';
    case Keep = 'keep';
}
