<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

use WindowStall\Core\UserMessage;

/** A look that leaves a decision open, or decides something that there isn't. */
final class LookUnreadable extends \InvalidArgumentException implements UserMessage
{
    public static function choice(string $name): self
    {
        return new self(sprintf('This look doesn’t say its %s, or says one that there isn’t.', $name));
    }

    /** @param  int  $most  how many there may be */
    public static function colours(int $most): self
    {
        return new self(sprintf('A look has one to %d colours.', $most));
    }
}
