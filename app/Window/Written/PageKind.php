<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use WindowStall\Window\Plan;

/** What a page of the shop is for. */
enum PageKind: string
{
    case About = 'about';
    case Contact = 'contact';
    case Questions = 'questions';
    case Other = 'other';

    /** One of the stall's notes: it has a day, and stands with the others in a list. */
    case Note = 'note';

    /** How goods are shown: all of them, those of a type, or a single one. */
    case Goods = 'goods';

    public function heading(): string
    {
        return match ($this) {
            self::About => 'About us',
            self::Contact => 'Write to us',
            self::Questions => 'Questions',
            self::Other => 'A page',
            self::Note => 'A note',
            self::Goods => 'All goods',
        };
    }

    /** Whether a shop has any number of them. */
    public function several(): bool
    {
        return in_array($this, [self::Other, self::Note, self::Goods], true);
    }

    public function plan(): Plan
    {
        return $this === self::Goods ? Plan::Goods : Plan::Page;
    }

    /**
     * What it begins with.
     *
     * @return list<array{id: string, kind: string, settings: array<string, mixed>}>
     */
    public function begins(string $title): array
    {
        if ($this === self::Goods) {
            return DressedGoods::FIRST;
        }
        $kinds = match ($this) {
            self::Contact => ['writing', 'letter'],
            self::Questions => ['questions'],
            default => ['writing'],
        };
        $heading = ['id' => 'heading', 'kind' => 'heading', 'settings' => ['words' => $title]];

        return [
            $heading,
            ...array_map(static fn (string $k): array => ['id' => $k, 'kind' => $k, 'settings' => []], $kinds),
        ];
    }
}
