<?php

declare(strict_types=1);

namespace WindowStall\Bench\Undo;

/**
 * What was done in a step.
 *
 * @template T
 */
final readonly class StepDone
{
    /**
     * @param  string  $words  what was done: "3 listings deleted"
     * @param  T  $result
     * @param  list<int>  $made  listings that it made: taking the step back removes them
     */
    public function __construct(public string $words, public mixed $result = null, public array $made = [])
    {
    }
}
