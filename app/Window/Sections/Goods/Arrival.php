<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** When it is posted and when it is with the shopper, by day, in their own market. */
final class Arrival extends GoodsPart
{
    public function key(): string
    {
        return 'arrival';
    }

    public function label(): string
    {
        return 'When it is there';
    }

    public function rank(): int
    {
        return 70;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice('drawn', 'How it is drawn', [
                'days' => 'with the day it is posted and the days it is there',
                'line' => 'said in one line',
            ], 'days'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}, {drawn}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'by which day it is there';
    }

    protected function without(): string
    {
        return 'When it is there isn’t known.';
    }
}
