<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** What somebody may still have to look at, and how much the seller says otherwise than the supplier. */
final readonly class PendingView
{
    /**
     * @param  list<ChangeView>  $changes
     * @param  list<string>  $drafts  fields that hold a draft
     */
    public function __construct(
        public array $changes,
        public array $drafts,
        public int $held,
    ) {
    }
}
