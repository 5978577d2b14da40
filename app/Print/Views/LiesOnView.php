<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** A placing that an artwork lies on. */
final readonly class LiesOnView
{
    /**
     * @param  bool  $made  whether goods were made of it
     */
    public function __construct(public int $id, public string $name, public bool $made)
    {
    }
}
