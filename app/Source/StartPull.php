<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Starts a pull, or gives the one that is under way: two people pressing at once make one. */
final class StartPull
{
    /** A pull that hasn't moved for this long was left by a worker that died; minutes. */
    private const STALE = 35;

    /** @throws Refusal when the supplier was disconnected, or nobody has said yet what its columns mean */
    public function __invoke(SupplierConnection $connection, ?User $by): Run
    {
        if ($connection->disconnected_at !== null) {
            throw new Refusal(sprintf('%s was disconnected. Connect it again first.', $connection->name));
        }
        $connection->runs()->whereIn('state', [RunState::Waiting, RunState::Running])->where('updated_at', '<', now()->subMinutes(self::STALE))
            ->update(['state' => RunState::Failed, 'ended_at' => now(), 'trouble' => 'This pull broke off without a word. Pull again.']);
        try {
            $run = DB::transaction(fn (): Run => $connection->runs()->create(['stall_id' => $connection->stall_id, 'user_id' => $by?->id, 'state' => RunState::Waiting, 'counts' => []]));
        } catch (UniqueConstraintViolationException) {
            return $connection->runs()->whereIn('state', [RunState::Waiting, RunState::Running])->latest('id')->firstOrFail();
        }
        PullCatalogue::dispatch($run->id);

        return $run->refresh();
    }
}
