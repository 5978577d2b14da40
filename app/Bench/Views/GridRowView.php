<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\Picture;
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

    /** @param  Listing  $listing with pictures, its supplier, counted variants and the least that one of them keeps */
    public static function of(Stall $stall, Listing $listing): self
    {
        $lead =
            $listing->own_pictures === null
                ? $listing->pictures->first()
                : $listing->pictures->firstWhere('id', $listing->own_pictures[0] ?? 0);

        return new self(
            $listing->id,
            $lead instanceof Picture ? $lead->url(320) : null,
            $listing->shown_title,
            $listing->own_title !== null,
            (string) $listing->supplierItem?->connection?->name,
            $listing->state->words(),
            (string) $listing->own_type,
            $listing->own_tags,
            (string) $listing->own_maker,
            (string) $listing->own_notes,
            MoneyView::ofNullable($stall->moneyOrNull($listing->shown_from_minor)),
            MoneyView::ofNullable(
                $stall->moneyOrNull(
                    $listing->getAttribute('least_keep') === null ? null : (int) $listing->getAttribute('least_keep'),
                ),
            ),
            (int) $listing->getAttribute('variants_count'),
        );
    }
}
