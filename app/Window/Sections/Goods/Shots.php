<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** Its pictures; that of a chosen value comes first. */
final class Shots extends GoodsPart
{
    public function key(): string
    {
        return 'shots';
    }

    public function label(): string
    {
        return 'Pictures';
    }

    public function rank(): int
    {
        return 10;
    }

    public function sentence(array $settings): string
    {
        return 'are those of the goods, the first one widest.';
    }

    public function summary(array $settings): string
    {
        return 'its pictures';
    }

    protected function without(): string
    {
        return 'It has no picture.';
    }
}
