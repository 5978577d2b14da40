<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use WindowStall\Core\Opening\Rehearsal\StepKind;

/** Something a shopper of a rehearsal does. */
interface Step
{
    public function kind(): StepKind;

    /**
     * @return string what they did and read
     *
     * @throws Stuck
     * @throws Untested
     */
    public function __invoke(Visit $visit): string;
}
