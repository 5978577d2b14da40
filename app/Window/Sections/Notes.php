<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Written\ShownNotes;

/** The latest of the stall's notes, each with its day and its first words. */
final class Notes extends SectionKind
{
    public function key(): string
    {
        return 'notes';
    }

    public function label(): string
    {
        return 'Notes';
    }

    public function rank(): int
    {
        return 95;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice('count', 'How many', ['2' => 'two', '3' => 'three', '6' => 'six'], '3'),
            SectionField::choice('tone', 'What they stand on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading} and show the latest {count}, on {tone}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'the latest notes';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return ['notes' => ShownNotes::latest($goods->stall, (int) $settings['count'])];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['notes'] === [] ? 'No note is published yet, so shoppers don’t see it.' : null;
    }
}
