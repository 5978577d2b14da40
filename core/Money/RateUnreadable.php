<?php

declare(strict_types=1);

namespace WindowStall\Core\Money;

use WindowStall\Core\UserMessage;

/** Text that is no rate, or one that makes no sense. */
final class RateUnreadable extends \InvalidArgumentException implements UserMessage
{
    public static function text(string $text): self
    {
        return new self(sprintf('“%s” can’t be read as a rate. Write 0.019 for 1.9%%.', mb_substr($text, 0, 20)));
    }

    public static function fine(string $text): self
    {
        return new self(sprintf('“%s” is finer than a rate goes: six decimals at most.', mb_substr($text, 0, 20)));
    }

    public static function range(): self
    {
        return new self('A rate lies between 0 and 10.');
    }
}
