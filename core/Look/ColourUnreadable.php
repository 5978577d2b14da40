<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

use WindowStall\Core\UserMessage;

/** Text that is no colour. */
final class ColourUnreadable extends \InvalidArgumentException implements UserMessage
{
    public static function for(string $text): self
    {
        return new self(
            sprintf('“%s” is no colour. Write # and six digits, such as #2c5a43.', mb_substr($text, 0, 20)),
        );
    }
}
