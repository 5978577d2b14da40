<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\UserMessage;

/** A file that can't be read as a table of goods; in words for the seller. */
final class FeedTrouble extends \RuntimeException implements UserMessage
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
