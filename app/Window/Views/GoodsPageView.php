<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Written\WrittenPage;

/** A goods page: which goods it lays, and how it stands. */
final readonly class GoodsPageView
{
    public function __construct(public int $id, public string $of, public string $title, public string $stands, public bool $shown)
    {
    }

    public static function of(WrittenPage $page): self
    {
        return new self(
            id: $page->id,
            of: match (true) {
                $page->goods_listing_id !== null => 'one',
                $page->goods_type !== null => 'type',
                default => 'all',
            },
            title: $page->title,
            stands: match (true) {
                $page->shown === null => 'Shoppers don’t see it yet.',
                $page->changes() > 0 => 'Shoppers see it as it was before.',
                default => 'Shoppers see it.',
            },
            shown: $page->shown !== null,
        );
    }
}
