<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

use InvalidArgumentException;
use WindowStall\Core\UserMessage;

/** A rule that says something nobody can follow. */
final class RuleUnreadable extends InvalidArgumentException implements UserMessage
{
}
