<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Throwable;
use WindowStall\Core\Said;

/**
 * One piece of long work: who started it, how far it is, what came of it. Most are pulls of a supplier's catalogue.
 *
 * @property int $id
 * @property int $stall_id
 * @property int|null $connection_id
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
 * @property Carbon|null $created_at
 */
final class Run extends Model
{
    /** @var array<string, mixed> as the table has them */
    protected $attributes = ['kind' => 'pull', 'subject' => '{}', 'notes' => '[]', 'counts' => '{}', 'rejects' => 0, 'done' => 0, 'doing' => ''];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => RunKind::class, 'state' => RunState::class, 'counts' => 'array', 'subject' => 'array', 'notes' => 'array', 'started_at' => 'datetime', 'ended_at' => 'datetime'];
    }

    /** @return BelongsTo<SupplierConnection, $this> */
    public function connection(): BelongsTo
    {
        return $this->belongsTo(SupplierConnection::class, 'connection_id');
    }

    /** @throws RunCancelled when a person stopped it since */
    public function stopIfCancelled(): void
    {
        if (self::query()->whereKey($this->id)->where('state', RunState::Cancelled)->exists()) {
            throw new RunCancelled;
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
        if ($this->state !== RunState::Waiting) {
            return;
        }
        $this->update(['state' => RunState::Running, 'started_at' => now(), 'doing' => $doing]);
        try {
            $work();
            $this->update(['state' => RunState::Done, 'ended_at' => now(), 'doing' => '']);
        } catch (RunCancelled) {
            $this->update(['ended_at' => now()]);
        } catch (Throwable $e) {
            $trouble = $e instanceof Said ? $e->getMessage() : $sorry;
            $this->update(['state' => RunState::Failed, 'ended_at' => now(), 'trouble' => $trouble]);
            if ($failed !== null) {
                $failed($trouble);
            }
            if (! $e instanceof Said) {
                report($e);
            }
        }
    }
}
