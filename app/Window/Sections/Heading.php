<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Plan;

/** What a written page is called, at its head. */
final class Heading extends SectionKind
{
    public const MOST = 80;

    public function key(): string
    {
        return 'heading';
    }

    public function label(): string
    {
        return 'Title';
    }

    public function rank(): int
    {
        return 5;
    }

    public function plan(): Plan
    {
        return Plan::Page;
    }

    public function always(): bool
    {
        return true;
    }

    public function fields(): array
    {
        return [
            SectionField::line('words', 'Title', self::MOST),
            SectionField::line('under', 'Line under it', 160),
            SectionField::choice('place', 'How it stands', ['left' => 'at the left', 'middle' => 'in the middle'], 'left'),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is {words}, with {under} under it. It stands {place} on {tone}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['words'] ?: 'none yet';
    }
}
