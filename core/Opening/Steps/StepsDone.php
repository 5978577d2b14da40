<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Steps;

/** Which first steps are done, as the stall stands. */
final readonly class StepsDone
{
    /** @param  list<FirstStep>  $done */
    public function __construct(private array $done)
    {
    }

    /**
     * The step to take now.
     *
     * @param  list<FirstStep>  $skipped  those nobody wants to be told of
     * @return FirstStep|null null where all is done or left out
     */
    public function next(Beginning $begins, array $skipped): ?FirstStep
    {
        foreach ($begins->steps() as $step) {
            if (! in_array($step, $this->done, true) && ! in_array($step, $skipped, true)) {
                return $step;
            }
        }

        return null;
    }

    /** How many of the steps of such a stall are done. */
    public function count(Beginning $begins): int
    {
        return count(array_filter($begins->steps(), fn (FirstStep $step): bool => in_array($step, $this->done, true)));
    }
}
