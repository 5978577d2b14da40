<?php

declare(strict_types=1);

namespace WindowStall\Window\Trying;

/** What a later area knows of orders that came of a trial. */
interface TrialOrders
{
    /** @return list<array{second: bool, keep: int}> those that were paid, in that order; minor units */
    public function of(Trial $trial): array;
}
