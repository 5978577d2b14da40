<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Sections\SectionKind;

/** Which page of the shop sections are laid on: the front page, or one that the seller wrote. */
enum Plan
{
    case Front;
    case Page;

    public function holds(SectionKind $kind): bool
    {
        return in_array($kind->plan(), [null, $this], true);
    }
}
