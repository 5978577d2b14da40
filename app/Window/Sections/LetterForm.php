<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Plan;

/** A form by which shoppers write to the seller. */
final class LetterForm extends SectionKind
{
    public function key(): string
    {
        return 'letter';
    }

    public function label(): string
    {
        return 'Letter form';
    }

    public function rank(): int
    {
        return 7;
    }

    public function plan(): Plan
    {
        return Plan::Page;
    }

    public function fields(): array
    {
        return [SectionField::line('heading', 'Heading', 60), SectionField::line('button', 'On the button', 30, 'Send it')];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}; on its button stands {button}. What shoppers write comes to you by mail and is '.
            'kept in Counter, letters.';
    }

    public function summary(array $settings): string
    {
        return 'shoppers write to you';
    }
}
