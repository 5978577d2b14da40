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

    /** How goods stand in lists: on shelves, under tags, found, and all of them. */
    case Lists = 'lists';

    /** How the basket is laid. */
    case Basket = 'basket';

    /** Those that {@see self::lays()} is true of. */
    public const LAYING = [self::Goods, self::Lists, self::Basket];

    public function heading(): string
    {
        return match ($this) {
            self::About => 'About us',
            self::Contact => 'Write to us',
            self::Questions => 'Questions',
            self::Other => 'A page',
            self::Note => 'A note',
            self::Goods => 'All goods',
            self::Lists => 'Shelves and lists',
            self::Basket => 'The basket',
        };
    }

    /** Whether a shop has any number of them. */
    public function several(): bool
    {
        return in_array($this, [self::Other, self::Note, self::Goods], true);
    }

    /** Whether it lays pages that the program makes, instead of standing at an address of its own. */
    public function lays(): bool
    {
        return in_array($this, self::LAYING, true);
    }

    public function plan(): Plan
    {
        return match ($this) {
            self::Goods => Plan::Goods,
            self::Lists => Plan::Lists,
            self::Basket => Plan::Basket,
            default => Plan::Page,
        };
    }

    /**
     * What it begins with.
     *
     * @return list<array{id: string, kind: string, settings: array<string, mixed>}>
     */
    public function begins(string $title): array
    {
        $laid = match ($this) {
            self::Goods => DressedGoods::FIRST,
            self::Lists => DressedPage::LISTS,
            self::Basket => DressedPage::BASKET,
            default => null,
        };
        if ($laid !== null) {
            return $laid;
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
