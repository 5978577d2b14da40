<?php

declare(strict_types=1);

namespace WindowStall\Support;

use WindowStall\Core\UserMessage;

/** Something asked for can't be done; the message says why and what to do instead. */
final class Refusal extends \RuntimeException implements UserMessage
{
}
