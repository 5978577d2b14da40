<?php

declare(strict_types=1);

namespace WindowStall\Runs;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Throwable;
use WindowStall\Core\UserMessage;
use WindowStall\Stall\Stall;

/**
 * One piece of long work: who started it, how far it is, what came of it. Most are pulls of a supplier's catalogue.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $user_id who asked for it
 * @property int|null $connection_id the supplier it is about
 * @property RunKind $kind
 * @property array<string, mixed> $subject what it works on, by kind
 * @property RunState $state
 * @property string $doing
 * @property int|null $total
 * @property int $done
 * @property array{new?: int, changed?: int, same?: int, gone?: int, placed?: int} $counts
 * @property int $rejects rows that couldn't be used
 * @property list<string> $notes what was noticed, in sentences
 * @property string|null $trouble
 * @property Carbon|null $started_at
 * @property Carbon|null $ended_at
 * @property Carbon|null $beat_at the last sign of life
 * @property class-string<RunJob>|null $job what does it
 * @property int $taken_up how often it was begun again after it broke off
 * @property Carbon|null $created_at
 */
final class Run extends Model
{
    /** @var array<string, mixed> as the table has them */
    protected $attributes = [
        'kind' => 'pull',
        'subject' => '{}',
        'notes' => '[]',
        'counts' => '{}',
        'rejects' => 0,
        'done' => 0,
        'doing' => '',
        'taken_up' => 0,
    ];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => RunKind::class,
            'state' => RunState::class,
            'counts' => 'array',
            'subject' => 'array',
            'notes' => 'array',
            'started_at' => 'datetime',
            'ended_at' => 'datetime',
            'beat_at' => 'datetime',
        ];
    }

    /** @return HasMany<self, Stall> a stall's */
    public static function of(Stall $stall): HasMany
    {
        return $stall->hasMany(self::class);
    }

    protected static function booted(): void
    {
        // Whatever is written about a run under way is a sign of life.
        self::updating(static function (Run $run): void {
            if ($run->state === RunState::Running) {
                $run->beat_at = now();
            }
        });
    }

    /**
     * Sets the job that does it.
     *
     * @param  class-string<RunJob>  $job
     */
    public function begin(string $job): self
    {
        $this->update(['job' => $job]);
        dispatch(new $job($this->id));

        return $this;
    }

    /** @throws RunCancelled when a person stopped it since */
    public function stopIfCancelled(): void
    {
        if (! self::query()->whereKey($this->id)->where('state', RunState::Running)->exists()) {
            throw new RunCancelled();
        }
    }

    /**
     * Does the work of a waiting run, once: it runs, then it is done, stopped, or failed with the reason in words.
     *
     * @param  callable(): void  $work
     * @param  string  $sorry  what is said when the fault is ours
     * @param  (callable(string): void)|null  $failed  told the reason
     */
    public function perform(string $doing, callable $work, string $sorry, ?callable $failed = null): void
    {
        $mine = self::query()
            ->whereKey($this->id)
            ->where('state', RunState::Waiting)
            ->update([
                'state' => RunState::Running,
                'started_at' => now(),
                'beat_at' => now(),
                'doing' => $doing,
                'done' => 0,
            ]);
        if ($mine === 0) {
            return;
        }
        if ($this->refresh()->taken_up > 0) {
            $this->beginAnew();
        }
        $alive = SignOfLife::of($this);
        try {
            $work();
            $this->end(RunState::Done);
        } catch (RunCancelled) {
            self::query()
                ->whereKey($this->id)
                ->whereNull('ended_at')
                ->update(['ended_at' => now()]);
        } catch (Throwable $e) {
            $trouble = $e instanceof UserMessage ? $e->getMessage() : $sorry;
            if ($this->end(RunState::Failed, $trouble) && $failed !== null) {
                $failed($trouble);
            }
            if (! ($e instanceof UserMessage)) {
                report($e);
            }
        } finally {
            $alive->end();
        }
    }

    /** What it counted before it broke off is counted again. */
    private function beginAnew(): void
    {
        DB::table('run_rejects')->where('run_id', $this->id)->delete();
        $this->update(['counts' => [], 'rejects' => 0, 'notes' => []]);
    }

    /** Ends a run that is open; one that a person stopped, or the sweep ended, stays as it is. */
    public function end(RunState $as, ?string $trouble = null): bool
    {
        $ended = self::query()
            ->whereKey($this->id)
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->update(['state' => $as, 'ended_at' => now(), 'doing' => '', 'trouble' => $trouble]);
        $this->refresh();

        return $ended === 1;
    }
}
