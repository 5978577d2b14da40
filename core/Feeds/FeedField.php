<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** What a column of a supplier's file can mean. */
enum FeedField: string
{
    case Item = 'item';
    case Sku = 'sku';
    case Barcode = 'barcode';
    case Title = 'title';
    case Words = 'words';
    case Category = 'category';
    case Cost = 'cost';
    case Rrp = 'rrp';
    case Stock = 'stock';
    case Weight = 'weight';
    case Picture = 'picture';
    case Option = 'option';

    public function words(): string
    {
        return match ($this) {
            self::Item => 'item code (its variants share it)',
            self::Sku => 'SKU',
            self::Barcode => 'barcode',
            self::Title => 'title',
            self::Words => 'description',
            self::Category => 'category',
            self::Cost => 'unit cost',
            self::Rrp => 'RRP',
            self::Stock => 'stock',
            self::Weight => 'weight',
            self::Picture => 'picture',
            self::Option => 'an option',
        };
    }

    /** Whether several columns may mean it: two options, three pictures. */
    public function many(): bool
    {
        return $this === self::Option || $this === self::Picture;
    }

    /** Without these a row is no goods. */
    public function needed(): bool
    {
        return $this === self::Sku || $this === self::Title || $this === self::Cost;
    }
}
