<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** For a file that is one table: its goods stand in one place, and its columns stand at its head. */
trait OnePart
{
    public function parts(): array
    {
        return [];
    }

    public function part(): string
    {
        return '';
    }

    public function late(): array
    {
        return [];
    }
}
