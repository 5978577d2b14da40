<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

/** A page as it was made, and what it depends on. */
final readonly class ReadyPage
{
    /** @param  list<string>  $shows  other goods it shows, by the ends of their addresses */
    public function __construct(public string $html, public array $shows = [])
    {
    }
}
