<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** Something that was written in a request. */
final readonly class AskedLineView
{
    /** @param  bool  $waits  whether it isn't with the supplier yet */
    public function __construct(public bool $theirs, public string $words, public string $when, public bool $waits)
    {
    }
}
