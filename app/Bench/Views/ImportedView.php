<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Snapshot;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RejectView;
use WindowStall\Stall\Stall;

/** What bringing listings in came to: in words, what was left out, and each listing that can be taken back. */
final readonly class ImportedView
{
    private const SHOWN = 200;

    /**
     * @param  int|null  $change  the step by which all of it can be taken back
     * @param  list<ImportedListingView>  $listings  the first of them
     * @param  list<RejectView>  $rejects  the first of them
     * @param  int  $left  how many were left out
     */
    public function __construct(
        public int $run,
        public string $words,
        public ?string $trouble,
        public ?int $change,
        public array $listings,
        public array $rejects,
        public int $left,
    ) {
    }

    public static function of(Stall $stall, Run $run): self
    {
        $change = BenchChange::query()->where('stall_id', $stall->id)->find((int) ($run->subject['change'] ?? 0));
        $rejects = DB::table('run_rejects')
            ->where('run_id', $run->id)
            ->orderBy('row')
            ->orderBy('id')
            ->limit(self::SHOWN)
            ->get();

        return new self(
            run: $run->id,
            words: $run->notes[0] ??
                ($run->state === RunState::Cancelled
                    ? 'Stopped. What was in till then stays, or is taken back here.'
                    : ''),
            trouble: $run->trouble,
            change: $change?->undone_at === null ? $change?->id : null,
            listings: $change === null
                ? []
                : array_map(ImportedListingView::of(...), Snapshot::listed($stall, $change, self::SHOWN)),
            rejects: array_values(
                $rejects
                    ->map(
                        static fn (\stdClass $r): RejectView => new RejectView(
                            row: (int) $r->row,
                            column: $r->column,
                            value: $r->value,
                            reason: $r->reason,
                        ),
                    )
                    ->all(),
            ),
            left: $run->rejects,
        );
    }
}
