<?php

declare(strict_types=1);

namespace WindowStall\Opening\Jobs;

use WindowStall\Opening\FirstShop;
use WindowStall\Opening\LayOut;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Lays out a first shop while somebody watches: finds goods, takes them, writes for them, shelves them. */
final class LayOutShop extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(LayOut $lay): void
    {
        $run = Run::query()->find($this->runId);
        $first = $run === null ? null : FirstShop::query()->where('run_id', $run->id)->first();
        if ($run === null || $first === null) {
            return;
        }
        $stall = Stall::query()->with(['rates', 'recipes', 'marketRows'])->findOrFail($run->stall_id);
        $by = User::query()->find((int) $run->getAttribute('user_id'));
        $steps = [
            'Looking through what your suppliers have' => static fn () => $lay->propose($stall, $first),
            'Taking goods to the bench and pricing them' => static fn () => $lay->take($stall, $first),
            'Clearing away what suppliers left in them' => static fn () => $lay->clean($stall, $first, $by),
            'Drafting titles and words' => static fn () => $run->update(['notes' => $lay->write($stall, $first, $by)]),
            'Fetching pictures' => static fn () => $lay->awaitPictures($first),
            'Putting them on shelves' => static fn () => $lay->shelve($stall, $first),
        ];
        $run->perform(
            (string) array_key_first($steps),
            static function () use ($run, $steps): void {
                $run->update(['total' => count($steps)]);
                foreach ($steps as $doing => $step) {
                    $run->stopIfCancelled();
                    $run->update(['doing' => $doing]);
                    $step();
                    $run->update(['done' => $run->done + 1]);
                }
            },
            'Something went wrong here. It has been noted; what was taken lies on the bench.',
        );
    }
}
