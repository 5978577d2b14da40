<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** What this shopper looked at before. Only their own browser knows it; nothing is sent anywhere. */
final class SeenLately extends GoodsPart
{
    public function key(): string
    {
        return 'seen-lately';
    }

    public function label(): string
    {
        return 'Seen lately';
    }

    public function rank(): int
    {
        return 210;
    }

    public function beside(): bool
    {
        return false;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}: what a shopper looked at before, known to their own browser only.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what a shopper looked at before';
    }

    protected function without(): string
    {
        return '';
    }
}
