<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

use WindowStall\Core\UserMessage;

final class RungWordsRefused extends \InvalidArgumentException implements UserMessage
{
    public static function long(int $letters): self
    {
        return new self(sprintf('What stands on a rung has %d letters; %d is the most.', $letters, RungWords::MOST));
    }

    public static function claim(string $claim): self
    {
        return new self(sprintf(
            '“%s” is for figures to say: the shop says so by itself on the rung that most buyers took, or where a piece costs least.',
            $claim,
        ));
    }
}
