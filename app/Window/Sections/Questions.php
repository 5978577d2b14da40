<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Core\Words\Plural;
use WindowStall\Window\Goods\WindowGoods;

/** What shoppers ask, with answers. */
final class Questions extends SectionKind
{
    public function key(): string
    {
        return 'questions';
    }

    public function label(): string
    {
        return 'Questions';
    }

    public function rank(): int
    {
        return 90;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::rows('asked', 'Questions', 40, [
                SectionField::line('ask', 'Question', 160),
                SectionField::text('answer', 'Answer', 2000),
            ]),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading}: {asked}.';
    }

    public function summary(array $settings): string
    {
        $count = count((array) $settings['asked']);

        return $count === 0 ? 'none yet' : Plural::of($count, 'question');
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $answered = static fn (mixed $row): bool => is_array($row) && $row['ask'] !== '' && $row['answer'] !== '';

        return ['asked' => array_values(array_filter((array) $settings['asked'], $answered))];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['asked'] === [] ? 'No question has an answer yet, so shoppers don’t see it.' : null;
    }
}
