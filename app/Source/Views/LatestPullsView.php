<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use WindowStall\Runs\Views\RejectView;
use WindowStall\Runs\Views\RunView;

/** The latest pulls, and what of the last one that read anything couldn’t be used. */
final readonly class LatestPullsView
{
    /**
     * @param  list<RunView>  $runs  the latest first
     * @param  list<RejectView>  $rejects
     */
    public function __construct(
        public array $runs,
        public array $rejects,
        public ?int $rejectsRun,
    ) {
    }
}
