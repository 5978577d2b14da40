<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** Its description. */
final class Description extends GoodsPart
{
    public function key(): string
    {
        return 'description';
    }

    public function label(): string
    {
        return 'Words';
    }

    public function rank(): int
    {
        return 90;
    }

    public function sentence(array $settings): string
    {
        return 'are its description.';
    }

    public function summary(array $settings): string
    {
        return 'its description';
    }

    protected function without(): string
    {
        return 'It has no description.';
    }
}
