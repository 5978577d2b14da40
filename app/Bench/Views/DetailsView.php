<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** What is said of a listing besides its page: how it is put in order, and how it stands in search engines. */
final readonly class DetailsView
{
    public function __construct(
        public OwnOrderView $order,
        public InSearchView $search,
    ) {
    }
}
