<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** What shoppers choose from: values with the picture of each or colours as swatches, the rest as buttons. */
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

    public function fields(): array
    {
        return [
            SectionField::choice('beside', 'What stands beside a value', [
                'swatches' => 'colours with a swatch',
                'pictures' => 'each with its picture where it has one, colours else with a swatch',
                'nothing' => 'in words alone',
            ], 'swatches'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are chosen here, {beside}.';
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
