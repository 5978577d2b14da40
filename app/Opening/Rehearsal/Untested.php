<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use RuntimeException;

/** Somebody has no way to try out what comes next. */
final class Untested extends RuntimeException
{
}
