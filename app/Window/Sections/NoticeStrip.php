<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** One line above everything: what a shopper should know first. */
final class NoticeStrip extends SectionKind
{
    public function key(): string
    {
        return 'notice';
    }

    public function label(): string
    {
        return 'Notice strip';
    }

    public function fields(): array
    {
        return [Field::line('words', 'Words', 90, 'Sent straight to your door')];
    }

    public function summary(array $settings): string
    {
        return (string) $settings['words'];
    }
}
