<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** How lists of goods or the basket are laid. */
final readonly class LaidPageView
{
    /** @param  int|null  $id  null while it is as the program lays it */
    public function __construct(public string $kind, public string $title, public ?int $id, public string $stands, public bool $shown)
    {
    }

    public static function of(PageKind $kind, ?WrittenPage $page): self
    {
        $shown = $page !== null && $page->shown !== null;

        return new self(
            kind: $kind->value,
            title: $kind->heading(),
            id: $page?->id,
            stands: match (true) {
                $page === null => 'As the program lays it.',
                ! $shown => 'Shoppers don’t see it yet.',
                $page->changes() > 0 => 'Shoppers see it as it was before.',
                default => 'Shoppers see it.',
            },
            shown: $page === null || $shown,
        );
    }
}
