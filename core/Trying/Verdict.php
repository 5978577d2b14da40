<?php

declare(strict_types=1);

namespace WindowStall\Core\Trying;

/** What came of showing two versions of something to halves of those who look. */
enum Verdict: string
{
    /** Nothing can be said yet. */
    case Open = 'open';

    /** The first brings more orders. */
    case First = 'first';

    case Second = 'second';

    /** Neither brings as much as a tenth more than the other. */
    case Neither = 'neither';
}
