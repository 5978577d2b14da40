<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** What buyers said of it, with the stall's answers, and the way to all of it. */
final class Reviews extends GoodsPart
{
    public function key(): string
    {
        return 'reviews';
    }

    public function label(): string
    {
        return 'Said of it';
    }

    public function rank(): int
    {
        return 190;
    }

    public function beside(): bool
    {
        return false;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice('count', 'How many', ['2' => 'two', '4' => 'four', '8' => 'eight'], '4'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading} and shows the latest {count} of what buyers said.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what buyers said';
    }

    protected function without(): string
    {
        return 'Nobody has said anything of it yet.';
    }
}
