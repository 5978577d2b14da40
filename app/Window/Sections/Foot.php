<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** The end of the page: who is behind the shop and how to reach them. */
final class Foot extends SectionKind
{
    public function key(): string
    {
        return 'foot';
    }

    public function label(): string
    {
        return 'Foot';
    }

    public function fields(): array
    {
        return [
            Field::text('about', 'Who you are', 400, ''),
            Field::line('email', 'Where to write to', 120, ''),
        ];
    }

    public function summary(array $settings): string
    {
        return $settings['about'] !== '' ? mb_strimwidth((string) $settings['about'], 0, 40, '…') : 'the shop’s name';
    }
}
