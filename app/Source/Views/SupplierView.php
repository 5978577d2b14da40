<?php

declare(strict_types=1);

namespace WindowStall\Source\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\Views\RejectView;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Connectors\TellsWhatMoves;
use WindowStall\Source\Schedule;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** One supplier of the stall: how it fares, when it is pulled, what couldn't be used, and what its end would mean. */
final readonly class SupplierView
{
    private const RUNS = 8;

    private const REJECTS = 50;

    /** Minutes after which stock and cost can be asked for, where the supplier offers it. */
    public const PACES = [15, 60, 240];

    /**
     * @param  list<RunView>  $runs  the latest first
     * @param  list<RejectView>  $rejects  of the latest pull that read anything
     * @param  array<string, string>  $schedules
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $about,
        public string $address,
        public bool $mapped,
        public bool $sent,
        public bool $ready,
        public string $schedule,
        public array $schedules,
        public bool $paused,
        public bool $connected,
        public ?string $pulled,
        public ?string $next,
        public ?string $trouble,
        public int $items,
        public int $variants,
        public int $gone,
        public array $runs,
        public array $rejects,
        public ?int $rejectsRun,
        public string $ending,
        public bool $tellsWhatMoves,
        public ?int $movingEvery,
    ) {
    }

    public static function of(Stall $stall, SupplierConnection $connection, string $ending): self
    {
        $card = app(Connectors::class)->get($connection->kind)->card();
        $runs = $connection->runs()->where('kind', RunKind::Pull)->latest('id')->limit(self::RUNS)->get();
        $counts = DB::table('supplier_items')
            ->where('connection_id', $connection->id)
            ->selectRaw(
                'count(*) FILTER (WHERE gone_at IS NULL) AS items, COALESCE(sum(variants_count) FILTER (WHERE gone_at IS NULL), 0) AS variants, count(*) FILTER (WHERE gone_at IS NOT NULL) AS gone',
            )
            ->first();
        $latest = $runs->first(static fn (Run $r): bool => $r->rejects > 0 || $r->counts !== []);
        $schedules = [];
        foreach (Schedule::cases() as $schedule) {
            $schedules[$schedule->value] = $schedule->words();
        }

        return new self(
            $connection->id,
            $connection->name,
            $card->about,
            $connection->address,
            $card->mapped,
            isset($connection->settings['file']),
            ! $card->mapped || isset($connection->settings['mapping']),
            $connection->schedule->value,
            $schedules,
            $connection->paused_at !== null,
            $connection->disconnected_at === null,
            $connection->pulled_at?->diffForHumans(),
            $connection->next_pull_at?->isFuture() === true
                ? $connection->next_pull_at->format('D j M, H:i').' UTC'
                : null,
            $connection->trouble,
            (int) ($counts->items ?? 0),
            (int) ($counts->variants ?? 0),
            (int) ($counts->gone ?? 0),
            array_values($runs->map(static fn (Run $r): RunView => RunView::of($r))->all()),
            $latest === null
                ? []
                : array_values(
                    DB::table('run_rejects')
                        ->where('run_id', $latest->id)
                        ->orderBy('row')
                        ->limit(self::REJECTS)
                        ->get()
                        ->map(
                            static fn (\stdClass $r): RejectView => new RejectView(
                                (int) $r->row,
                                $r->column,
                                $r->value,
                                $r->reason,
                            ),
                        )
                        ->all(),
                ),
            $latest !== null && $latest->rejects > 0 ? $latest->id : null,
            $ending,
            $connection->connector() instanceof TellsWhatMoves,
            $connection->moving_every,
        );
    }
}
