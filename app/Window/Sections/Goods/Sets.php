<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** Sets it stands in, each bought at once for less than its goods cost apart. */
final class Sets extends GoodsPart
{
    public function key(): string
    {
        return 'sets';
    }

    public function label(): string
    {
        return 'Sets';
    }

    public function rank(): int
    {
        return 65;
    }

    public function fields(): array
    {
        return [SectionField::line('heading', 'Heading', 60)];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what it is sold together with for less';
    }

    protected function without(): string
    {
        return 'It stands in no set that runs. Sets are made under Pricing, Codes.';
    }
}
