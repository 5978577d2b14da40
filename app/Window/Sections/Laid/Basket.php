<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Laid;

use WindowStall\Window\Plan;
use WindowStall\Window\Sections\SectionField;

/** What lies in the basket, what it comes to, and the way to the checkout. */
final class Basket extends LaidPart
{
    public function key(): string
    {
        return 'basket';
    }

    public function label(): string
    {
        return 'Basket';
    }

    public function plan(): Plan
    {
        return Plan::Basket;
    }

    public function fields(): array
    {
        return [
            SectionField::choice('codes', 'Codes', ['asked' => 'asks', 'not' => 'doesn’t ask'], 'asked'),
            SectionField::choice('with', 'What goes with it', ['offered' => 'offers', 'not' => 'doesn’t offer'], 'offered'),
            SectionField::choice('along', 'Taking it along', ['offered' => 'can be', 'not' => 'can’t be'], 'offered'),
        ];
    }

    public function sentence(array $settings): string
    {
        return '{codes} for a code, {with} one thing that others bought with it, and {along} taken along by a link.';
    }

    public function summary(array $settings): string
    {
        return 'what lies in it, and what it comes to';
    }
}
