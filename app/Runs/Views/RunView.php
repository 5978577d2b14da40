<?php

declare(strict_types=1);

namespace WindowStall\Runs\Views;

use WindowStall\Runs\Run;

/** How far a pull is, for the progress line. */
final readonly class RunView
{
    /**
     * @param  int|null  $percent 0 to 100; null while the supplier hasn't said how much there is
     * @param  list<string>  $notes  what was noticed
     */
    public function __construct(
        public int $id,
        public string $state,
        public bool $open,
        public string $doing,
        public int $done,
        public ?int $total,
        public ?int $percent,
        public string $result,
        public ?string $trouble,
        public int $rejects,
        public array $notes,
        public string $when,
        public string $took,
    ) {
    }

    public static function of(Run $run): self
    {
        $counts = $run->counts + ['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0];

        return new self(
            id: $run->id,
            state: $run->state->value,
            open: $run->state->open(),
            doing: $run->doing === '' ? 'Waiting for its turn' : $run->doing,
            done: $run->done,
            total: $run->total,
            percent: $run->total === null || $run->total === 0 ? null : min(100, intdiv($run->done * 100, $run->total)),
            result: sprintf(
                '%d new, %d changed, %d as before%s',
                $counts['new'],
                $counts['changed'],
                $counts['same'],
                $counts['gone'] > 0 ? sprintf(', %d gone', $counts['gone']) : '',
            ),
            trouble: $run->trouble,
            rejects: $run->rejects,
            notes: $run->notes,
            when: $run->created_at?->diffForHumans() ?? '',
            took: $run->started_at === null || $run->ended_at === null
                ? ''
                : sprintf('%d s', (int) round($run->started_at->diffInSeconds($run->ended_at))),
        );
    }
}
