<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** What it is, who makes it, what it weighs and where it comes from, as a table. */
final class Facts extends GoodsPart
{
    public function key(): string
    {
        return 'facts';
    }

    public function label(): string
    {
        return 'Facts';
    }

    public function rank(): int
    {
        return 100;
    }

    public function sentence(array $settings): string
    {
        return 'are what it is, its maker, its weight and where it is posted from.';
    }

    public function summary(array $settings): string
    {
        return 'a table of what it is';
    }

    protected function without(): string
    {
        return 'No fact is known of it.';
    }
}
