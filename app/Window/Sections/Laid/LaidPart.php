<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Laid;

use WindowStall\Window\Sections\SectionKind;

/** The part of a list of goods or of the basket that is the program's own: always there, with goods in it. */
abstract class LaidPart extends SectionKind
{
    public function rank(): int
    {
        return 10;
    }

    public function always(): bool
    {
        return true;
    }

    public function sells(): bool
    {
        return true;
    }
}
