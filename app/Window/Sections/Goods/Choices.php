<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

/** What shoppers choose from: colours as swatches, the rest as buttons. */
final class Choices extends GoodsPart
{
    public function key(): string
    {
        return 'choices';
    }

    public function label(): string
    {
        return 'Options';
    }

    public function rank(): int
    {
        return 50;
    }

    public function always(): bool
    {
        return true;
    }

    public function sentence(array $settings): string
    {
        return 'are chosen here, colours with a swatch.';
    }

    public function summary(array $settings): string
    {
        return 'colours, sizes and what else there is';
    }

    protected function without(): string
    {
        return 'There is nothing to choose.';
    }
}
