<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Bench\Views\ChangeView;

/** What suppliers changed about a listing and that waits for a person; Drift knows. */
interface OpenChanges
{
    /** @return list<ChangeView> */
    public function of(ListingFigures $figures): array;
}
