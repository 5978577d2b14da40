<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Support\RichText;
use WindowStall\Window\Plan;

/** What a written page says, with headings, lists and links. */
final class Writing extends SectionKind
{
    public function key(): string
    {
        return 'writing';
    }

    public function label(): string
    {
        return 'Words';
    }

    public function rank(): int
    {
        return 6;
    }

    public function plan(): Plan
    {
        return Plan::Page;
    }

    public function fields(): array
    {
        return [
            SectionField::choice('tone', 'What they stand on', Tone::WORDS, 'ground'),
            SectionField::rich('words', 'Words'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'stand on {tone} and say: {words}';
    }

    public function summary(array $settings): string
    {
        return mb_strimwidth(RichText::plain((string) $settings['words']), 0, 60, '…') ?: 'none yet';
    }

    public function stays(array $settings, array $data): ?string
    {
        return RichText::plain((string) $settings['words']) === ''
            ? 'They say nothing yet, so shoppers don’t see them.'
            : null;
    }
}
