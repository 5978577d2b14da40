<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** What shoppers asked about it with the stall's answers, and where to ask. */
final class Asked extends GoodsPart
{
    public function key(): string
    {
        return 'asked';
    }

    public function label(): string
    {
        return 'Asked about it';
    }

    public function rank(): int
    {
        return 195;
    }

    public function beside(): bool
    {
        return false;
    }

    public function fields(): array
    {
        return [SectionField::line('heading', 'Heading', 60)];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}; shoppers read what was answered and ask there.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what shoppers asked';
    }

    protected function without(): string
    {
        return 'Nobody has asked anything yet.';
    }
}
