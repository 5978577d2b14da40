<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Carrying\ImportListings;
use WindowStall\Bench\Carrying\ListingFile;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Feeds\Reject;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\LocalCopy;

/**
 * Brings a file of listings in, some at a time. One that broke off goes on with the same step: what is in already
 * doesn't differ any more.
 */
final class ImportFile extends RunJob
{
    protected static function queueName(): string
    {
        return 'runs';
    }

    public function handle(ImportListings $import): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $kept = (string) ($run->subject['file'] ?? '');
        $run->perform(
            'Reading the file',
            function () use ($run, $stall, $kept, $import): void {
                LocalCopy::with($kept, fn (string $path) => $this->read($run, $stall, $path, $import));
            },
            'Something went wrong here. It has been noted; what is in already can be taken back, or send the file '.
                'again for the rest.',
        );
        if (! $run->refresh()->state->open()) {
            Storage::delete($kept);
        }
    }

    private function read(Run $run, Stall $stall, string $path, ImportListings $import): void
    {
        $file = ListingFile::at($path);
        $run->update(['total' => $file->count(), 'doing' => 'Bringing listings in']);
        $change = BenchChange::query()->where('stall_id', $stall->id)->find((int) ($run->subject['change'] ?? 0));
        $by = User::query()->find($run->user_id);
        $done = $import($stall, $by, $file, $change, function (int $read, array $rejects, ?BenchChange $change) use (
            $run,
        ): void {
            $run->stopIfCancelled();
            $this->note($run, $rejects, $change);
            $run->update(['done' => $read]);
        });
        $this->note($run, $done->takeRejects(), $done->change);
        $run->update([
            'done' => $run->total ?? 0,
            'counts' => ['changed' => $done->changed],
            'notes' => [$done->words()],
        ]);
    }

    /** @param  list<Reject>  $rejects */
    private function note(Run $run, array $rejects, ?BenchChange $change): void
    {
        foreach (array_chunk($rejects, 500) as $some) {
            DB::table('run_rejects')->insert(
                array_map(
                    static fn (Reject $r): array => [
                        'run_id' => $run->id,
                        'row' => $r->row,
                        'column' => $r->column,
                        'value' => mb_substr($r->value, 0, 200),
                        'reason' => mb_substr($r->reason, 0, 200),
                    ],
                    $some,
                ),
            );
        }
        $run->update([
            'rejects' => $run->rejects + count($rejects),
            'subject' => ['change' => $change?->id] + $run->subject,
        ]);
    }
}
