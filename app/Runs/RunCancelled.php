<?php

declare(strict_types=1);

namespace WindowStall\Runs;

/** A person stopped the run while it was under way. */
final class RunCancelled extends \RuntimeException
{
}
