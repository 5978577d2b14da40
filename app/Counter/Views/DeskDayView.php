<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** A day on the desk's axis. */
final readonly class DeskDayView
{
    /** @param  int  $at  where it begins, of a thousand */
    public function __construct(public string $name, public int $at)
    {
    }
}
