<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/** A brand colour that can't carry words, or be writing, as it was chosen, and the nearest that can. */
final readonly class MovedColour
{
    public function __construct(public Colour $chosen, public Colour $used, public bool $writing = false)
    {
    }

    public function words(): string
    {
        return sprintf(
            $this->writing
                ? '%s can’t be read as writing on this ground; what is written in it has %s instead.'
                : 'No words can be read on %s; where it carries some, %s stands in for it.',
            $this->chosen->toHex(),
            $this->used->toHex(),
        );
    }
}
