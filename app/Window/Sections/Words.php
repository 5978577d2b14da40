<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Plan;

/** Words by themselves. */
final class Words extends SectionKind
{
    public function key(): string
    {
        return 'words';
    }

    public function label(): string
    {
        return 'Words';
    }

    public function rank(): int
    {
        return 120;
    }

    public function plan(): Plan
    {
        return Plan::Front;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 80),
            SectionField::text('words', 'Words', 3000),
            SectionField::choice('place', 'How they stand', ['left' => 'at the left', 'middle' => 'in the middle'], 'left'),
            SectionField::choice('tone', 'What they stand on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading} and say: {words} They stand {place} on {tone}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: mb_strimwidth((string) $settings['words'], 0, 60, '…') ?: 'none yet';
    }

    public function stays(array $settings, array $data): ?string
    {
        return $settings['heading'] === '' && $settings['words'] === ''
            ? 'They say nothing yet, so shoppers don’t see them.'
            : null;
    }
}
