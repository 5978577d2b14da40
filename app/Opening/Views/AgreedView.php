<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Bench\Placement;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;

/** What agreeing to a first shop came to. */
final readonly class AgreedView
{
    /** @param  list<string>  $left  what stayed on the bench, each with why */
    public function __construct(public string $words, public array $left, public FirstShopView $first)
    {
    }

    public static function of(Stall $stall, Placement $placement): self
    {
        $placed = count($placement->placed);

        return new self(
            words: Plural::of($placed, 'thing').' '.Plural::word($placed, 'is', 'are').' in the window, and the front page is published. '.
                ($stall->open ? 'Shoppers see it now.' : 'The shop is still closed: only you see it.'),
            left: array_map(
                static fn (array $one): string => $one['listing']->shown_title.': '.implode(' ', array_column($one['lacks'], 'words')),
                $placement->left,
            ),
            first: FirstShopView::of($stall),
        );
    }
}
