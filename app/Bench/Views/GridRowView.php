<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** One listing in the grid, with the cells that can be written. */
final readonly class GridRowView
{
    /** @param  list<string>  $tags */
    public function __construct(
        public int $id,
        public ?string $picture,
        public string $title,
        public bool $titleHeld,
        public string $supplier,
        public string $stateWords,
        public string $type,
        public array $tags,
        public string $maker,
        public string $notes,
        public ?MoneyView $from,
        public ?MoneyView $keep,
        public int $variants,
    ) {
    }

    /** @param  Listing  $listing with pictures, its supplier and counted variants */
    public static function of(Stall $stall, Listing $listing): self
    {
        $lead =
            $listing->own_pictures === null
                ? $listing->pictures->first()
                : $listing->pictures->firstWhere('id', $listing->own_pictures[0] ?? 0);

        return new self(
            id: $listing->id,
            picture: $lead instanceof Picture ? $lead->url(80) : null,
            title: $listing->shown_title,
            titleHeld: $listing->own_title !== null,
            supplier: (string) $listing->supplierItem?->connection?->name,
            stateWords: $listing->state->words(),
            type: (string) $listing->own_type,
            tags: $listing->own_tags,
            maker: (string) $listing->own_maker,
            notes: (string) $listing->own_notes,
            from: MoneyView::ofNullable($stall->moneyOrNull($listing->shown_from_minor)),
            keep: MoneyView::ofNullable($stall->moneyOrNull($listing->shown_keep_minor)),
            variants: (int) $listing->getAttribute('variants_count'),
        );
    }
}
