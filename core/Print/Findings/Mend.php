<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Findings;

use WindowStall\Core\Print\Placing\Placing;

/** One press that mends a finding: what the button says, and the placing after it. */
final readonly class Mend
{
    public function __construct(public string $label, public Placing $placing)
    {
    }
}
