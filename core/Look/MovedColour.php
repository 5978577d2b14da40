<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A brand colour that can't carry words as it was chosen, and the nearest that can. */
final readonly class MovedColour
{
    public function __construct(public Colour $chosen, public Colour $used)
    {
    }

    public function words(): string
    {
        return sprintf(
            'No words can be read on %s; where it carries some, %s stands in for it.',
            $this->chosen->toHex(),
            $this->used->toHex(),
        );
    }
}
