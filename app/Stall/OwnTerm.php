<?php

declare(strict_types=1);

namespace WindowStall\Stall;

/** The workshop's own words, which are explained where they stand until somebody has waved that away. */
enum OwnTerm: string
{
    case Held = 'held';
    case PutBy = 'put_by';
    case Join = 'join';
    case OutAndIn = 'out_and_in';
}
