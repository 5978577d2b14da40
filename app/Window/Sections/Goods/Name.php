<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Sections\SectionField;

/** What it is called, and in one line what it is. */
final class Name extends GoodsPart
{
    public function key(): string
    {
        return 'name';
    }

    public function label(): string
    {
        return 'Name';
    }

    public function rank(): int
    {
        return 20;
    }

    public function always(): bool
    {
        return true;
    }

    public function fields(): array
    {
        return [
            SectionField::choice('line', 'What stands under it', [
                'first' => 'with its first sentence under it',
                'none' => 'and nothing under it',
            ], 'first'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is its own, {line}.';
    }

    public function summary(array $settings): string
    {
        return 'what it is called';
    }

    protected function without(): string
    {
        return 'It has no name.';
    }
}
