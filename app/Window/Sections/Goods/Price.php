<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** What it costs, with the price that stood before where the law lets it be shown. */
final class Price extends GoodsPart
{
    public function key(): string
    {
        return 'price';
    }

    public function label(): string
    {
        return 'Price';
    }

    public function rank(): int
    {
        return 30;
    }

    public function always(): bool
    {
        return true;
    }

    public function sentence(array $settings): string
    {
        return 'is what it costs, with what it cost before where that may be said.';
    }

    public function summary(array $settings): string
    {
        return 'what it costs';
    }

    protected function without(): string
    {
        return 'It has no price.';
    }
}
