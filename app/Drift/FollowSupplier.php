<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use WindowStall\Bench\ProjectListings;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Stall\Stall;

/**
 * Brings listings in step with what a supplier says: each change is judged, what listings show and cost is worked out
 * anew, and then what each change does in money.
 *
 * Done again, or taken up after it broke off, it comes to the same.
 */
final readonly class FollowSupplier
{
    public function __construct(private JudgeListings $judge, private ProjectListings $project, private ReckonChanges $reckon)
    {
    }

    public function handle(SupplierSaidMore $more): void
    {
        $stall = Stall::query()->findOrFail($more->connection->stall_id);
        ($this->judge)($stall, $more->connection, $more->run);
        KeepBack::of($more->connection);
        ($this->project)($stall);
        $leapt = ($this->reckon)($stall);
        if ($leapt !== []) {
            ($this->project)($stall, $leapt);
            ($this->reckon)($stall);
        }
    }
}
