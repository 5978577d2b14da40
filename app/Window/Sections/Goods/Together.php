<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** Other goods: those that were bought with it more often than chance would have it, else those on the same shelves. */
final class Together extends GoodsPart
{
    public function key(): string
    {
        return 'together';
    }

    public function label(): string
    {
        return 'Goes well with';
    }

    public function rank(): int
    {
        return 200;
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
        return 'is headed {heading} and shows up to {count}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what is bought with it, or stands on its shelves';
    }

    protected function without(): string
    {
        return 'Nothing stands on a shelf with it, and nothing was bought with it.';
    }
}
