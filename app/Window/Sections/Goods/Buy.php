<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** How much is left, and the button; on a phone it stays in reach of the thumb. */
final class Buy extends GoodsPart
{
    public function key(): string
    {
        return 'buy';
    }

    public function label(): string
    {
        return 'Buying';
    }

    public function rank(): int
    {
        return 60;
    }

    public function always(): bool
    {
        return true;
    }

    public function sentence(array $settings): string
    {
        return 'is one button. On a phone it stays in reach of the thumb.';
    }

    public function summary(array $settings): string
    {
        return 'the button';
    }

    protected function without(): string
    {
        return 'It can’t be bought.';
    }
}
