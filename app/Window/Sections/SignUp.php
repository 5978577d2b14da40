<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

/** A shopper leaves an address, and agrees to what it is for. */
final class SignUp extends SectionKind
{
    public function key(): string
    {
        return 'signup';
    }

    public function label(): string
    {
        return 'Sign-up';
    }

    public function rank(): int
    {
        return 110;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::line('words', 'What they get', 160),
            SectionField::line('consent', 'What they agree to', 200),
            SectionField::line('button', 'On the button', 24, 'Write to me'),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'soft'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}, offers {words}, asks them to agree to {consent}, has {button} on its button and '.
            'stands on {tone}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'no heading yet';
    }

    public function stays(array $settings, array $data): ?string
    {
        return $settings['consent'] === '' ? 'It doesn’t say what shoppers agree to, so they don’t see it.' : null;
    }
}
