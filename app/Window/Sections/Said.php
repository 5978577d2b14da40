<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** What shoppers said of the goods. Nobody can write it but they. */
final class Said extends SectionKind
{
    public function key(): string
    {
        return 'said';
    }

    public function label(): string
    {
        return 'Said of us';
    }

    public function rank(): int
    {
        return 100;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading} and shows what shoppers said.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what shoppers said';
    }

    public function stays(array $settings, array $data): string
    {
        return 'No shopper has said anything yet. It stays away from the shop until one does.';
    }
}
