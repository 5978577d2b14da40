<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Starts a pull, or gives the one that is under way: two people pressing at once make one. */
final class StartPull
{
    /** @throws Refusal when the supplier was disconnected, or nobody has said yet what its columns mean */
    public function __invoke(SupplierConnection $connection, ?User $by): Run
    {
        if ($connection->disconnected_at !== null) {
            throw new Refusal(sprintf('%s was disconnected. Connect it again first.', $connection->name));
        }
        try {
            $run = DB::transaction(
                fn (): Run => $connection
                    ->runs()
                    ->create([
                        'stall_id' => $connection->stall_id,
                        'user_id' => $by?->id,
                        'state' => RunState::Waiting,
                        'counts' => [],
                    ]),
            );
        } catch (UniqueConstraintViolationException) {
            return $connection
                ->runs()
                ->whereIn('state', [RunState::Waiting, RunState::Running])
                ->latest('id')
                ->firstOrFail();
        }

        return $run->begin(PullCatalogue::class)->refresh();
    }
}
