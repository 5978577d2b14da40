<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use WindowStall\Bench\ListingFigures;
use WindowStall\Core\Words\SearchCut;
use WindowStall\Support\RichText;

/** A listing as search engines show it. */
final readonly class InSearchView
{
    public function __construct(public string $title, public string $words, public bool $held)
    {
    }

    /** @param  string  $words  the description, HTML */
    public static function of(ListingFigures $f, string $words): self
    {
        $listing = $f->listing;

        return new self(
            title: $listing->own_search_title ?? $f->title->shown(),
            words: $listing->own_search_words ?? SearchCut::words(RichText::plain($words)),
            held: $listing->own_search_title !== null || $listing->own_search_words !== null,
        );
    }
}
