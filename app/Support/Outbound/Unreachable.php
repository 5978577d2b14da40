<?php

declare(strict_types=1);

namespace WindowStall\Support\Outbound;

use WindowStall\Core\UserMessage;

/** Nothing answers, or not in time: trying again later may help. */
final class Unreachable extends \RuntimeException implements UserMessage
{
}
