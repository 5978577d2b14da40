<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;

/** What only the front page has in the galley: the look's choices, and where shoppers see it. */
final readonly class FrontView
{
    public function __construct(public LookChoicesView $choices, public string $shopUrl)
    {
    }

    public static function of(Stall $stall): self
    {
        return new self(
            choices: LookChoicesView::all(),
            shopUrl: $stall->open ? $stall->shopAddress('/') : route('window.shop', $stall),
        );
    }
}
