<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

/** One of the goods whose picture a hero can be made of. */
final readonly class HeroChoiceView
{
    public function __construct(public int $id, public string $title, public string $picture, public string $price)
    {
    }
}
