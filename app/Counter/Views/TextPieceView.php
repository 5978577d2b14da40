<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** A piece of text for answers, filled with what is known. */
final readonly class TextPieceView
{
    /** @param  string  $filled  as it is put into an answer; "" where nothing of it can be said */
    public function __construct(public int $id, public string $name, public string $words, public string $filled)
    {
    }
}
