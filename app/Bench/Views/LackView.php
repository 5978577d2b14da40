<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Core\Bench\Lack;

/** Something a listing still lacks, and the part of the page where it is mended. */
final readonly class LackView
{
    /** @param  list<string>  $meant  what the seller may say is meant so */
    public function __construct(public string $place, public string $words, public array $meant = [])
    {
    }

    public static function of(Lack $lack): self
    {
        return new self($lack->place->value, $lack->words, $lack->meant);
    }
}
