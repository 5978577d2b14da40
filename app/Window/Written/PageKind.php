<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

/** What a page of the shop is for. */
enum PageKind: string
{
    case About = 'about';
    case Contact = 'contact';
    case Questions = 'questions';
    case Other = 'other';

    public function heading(): string
    {
        return match ($this) {
            self::About => 'About us',
            self::Contact => 'Write to us',
            self::Questions => 'Questions',
            self::Other => 'A page',
        };
    }

    /**
     * What it begins with.
     *
     * @return list<array{id: string, kind: string, settings: array<string, mixed>}>
     */
    public function begins(string $title): array
    {
        $kinds = match ($this) {
            self::Contact => ['writing', 'letter'],
            self::Questions => ['questions'],
            self::About, self::Other => ['writing'],
        };
        $heading = ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => $title]];

        return [
            $heading,
            ...array_map(static fn (string $k): array => ['id' => $k, 'kind' => $k, 'settings' => []], $kinds),
        ];
    }
}
