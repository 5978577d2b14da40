<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** What a rule can look at. */
enum ShelfField: string
{
    case Tag = 'tag';
    case Type = 'type';
    case Supplier = 'supplier';
    case Price = 'price';
    case Keep = 'keep';
    case Margin = 'margin';
    case Stock = 'stock';
    case Buyable = 'buyable';
    case New = 'new';
    case Sold = 'sold';
    case Option = 'option';
    case Printed = 'printed';
    case PostedFrom = 'posted';
    case Days = 'days';
    case Was = 'was';

    public function asks(): Asks
    {
        return match ($this) {
            self::Tag, self::Type, self::Supplier, self::Option, self::PostedFrom => Asks::Names,
            self::Price, self::Keep, self::Margin, self::Stock => Asks::Span,
            self::New, self::Sold, self::Days => Asks::Days,
            self::Buyable, self::Printed, self::Was => Asks::Nothing,
        };
    }

    /** What it is called where clauses are chosen. */
    public function label(): string
    {
        return match ($this) {
            self::Tag => 'a tag',
            self::Type => 'a type',
            self::Supplier => 'the supplier',
            self::Price => 'the price',
            self::Keep => 'what you keep',
            self::Margin => 'the margin',
            self::Stock => 'pieces in stock',
            self::Buyable => 'whether it can be bought now',
            self::New => 'how new it is',
            self::Sold => 'when it last sold',
            self::Option => 'a value of an option',
            self::Printed => 'printed or resold',
            self::PostedFrom => 'where it is posted from',
            self::Days => 'days until it arrives',
            self::Was => 'a was-price',
        };
    }

    /** Whether it changes by the calendar alone, without anything being said. */
    public function moves(): bool
    {
        return $this === self::New || $this === self::Sold;
    }
}
