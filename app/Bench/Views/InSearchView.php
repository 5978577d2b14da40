<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Support\RichText;

/** A listing as search engines show it. */
final readonly class InSearchView
{
    /** Letters of the description that are shown where the seller says nothing. */
    private const SHOWN = 155;

    public function __construct(public string $title, public string $words, public bool $held)
    {
    }

    /** @param  string  $words  the description, HTML */
    public static function of(ListingFigures $f, string $words): self
    {
        $listing = $f->listing;

        return new self(
            title: $listing->own_search_title ?? $f->title->shown(),
            words: $listing->own_search_words ?? mb_strimwidth(RichText::plain($words), 0, self::SHOWN, '…'),
            held: $listing->own_search_title !== null || $listing->own_search_words !== null,
        );
    }
}
