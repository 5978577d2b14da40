<?php

declare(strict_types=1);

namespace WindowStall\Core\Giving;

use WindowStall\Core\UserMessage;

/** What was said of goods of a stall's own can't be so, in a sentence for who said it. */
final class GivingRefused extends \InvalidArgumentException implements UserMessage
{
}
