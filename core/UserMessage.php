<?php

declare(strict_types=1);

namespace WindowStall\Core;

/**
 * A problem whose message is written for the person at the screen: what is wrong, where, and what to do.
 *
 * Whoever catches one may show {@see \Throwable::getMessage()} as it stands.
 */
interface UserMessage extends \Throwable
{
}
