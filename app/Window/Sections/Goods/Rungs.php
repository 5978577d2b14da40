<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** Its multi-buy ladder, each rung with its total and what it saves; a rung is chosen as options are. */
final class Rungs extends GoodsPart
{
    public function key(): string
    {
        return 'rungs';
    }

    public function label(): string
    {
        return 'Cheaper by the rung';
    }

    public function rank(): int
    {
        return 40;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice('drawn', 'How it is drawn', [
                'ladder' => 'drawn as a ladder',
                'line' => 'said in one line',
            ], 'ladder'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}, {drawn}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'its multi-buy ladder';
    }

    protected function without(): string
    {
        return 'It has no multi-buy ladder. Ladders are set under Pricing.';
    }
}
