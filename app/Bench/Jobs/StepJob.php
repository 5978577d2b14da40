<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\UserMessage;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * A step on the bench that touches so many listings that nobody waits for it: done whole or not at all, and once
 * however often it is begun, since that it was done is written with it.
 */
abstract class StepJob extends RunJob
{
    /** @param  array<string, mixed>  $said  what is to be done; numbers, texts and lists */
    final public static function start(Stall $stall, ?User $by, array $said): Run
    {
        return Run::of($stall)
            ->create([
                'kind' => RunKind::Edit,
                'subject' => ['said' => $said],
                'user_id' => $by?->id,
                'state' => RunState::Waiting,
            ])
            ->begin(static::class)
            ->refresh();
    }

    final public function handle(): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            'Changing listings',
            function () use ($stall, $run): void {
                if (! isset($run->subject['change'])) {
                    DB::transaction(fn () => $this->once($stall, $run));
                }
            },
            'Something went wrong here. It has been noted; nothing was changed.',
        );
    }

    /**
     * @param  array<string, mixed>  $said
     * @return BenchChange|null null where nothing differs
     *
     * @throws UserMessage
     */
    abstract protected function step(Stall $stall, ?User $by, array $said): ?BenchChange;

    protected static function queueName(): string
    {
        return 'runs';
    }

    private function once(Stall $stall, Run $run): void
    {
        $by = User::query()->find((int) $run->getAttribute('user_id'));
        $step = $this->step($stall, $by, (array) $run->subject['said']);
        $run->update(['subject' => ['change' => $step->id ?? 0] + $run->subject]);
    }
}
