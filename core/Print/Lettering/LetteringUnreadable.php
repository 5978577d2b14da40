<?php

declare(strict_types=1);

namespace WindowStall\Core\Print\Lettering;

use WindowStall\Core\UserMessage;

/** What was said isn't a placing; the message is for whoever said it. */
final class LetteringUnreadable extends \InvalidArgumentException implements UserMessage
{
}
