<?php

declare(strict_types=1);

namespace WindowStall\Counter;

use WindowStall\Core\UserMessage;
use WindowStall\Support\Speech\Speech;

/** A code was used by others as often as it may be, while this shopper paid; its message says so to them. */
final class CodeUsedUp extends \RuntimeException implements UserMessage
{
    public static function code(string $typed): self
    {
        return new self($typed === ''
            ? Speech::say('till.codes.offer_used_up')
            : Speech::say('till.codes.used_up', code: $typed));
    }
}
