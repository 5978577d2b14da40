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
use WindowStall\Source\Pulling\Schedule;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Clock;
use WindowStall\Stall\Stall;

/** One supplier of the stall: how it fares, when it is pulled, what couldn't be used, and what its end would mean. */
final readonly class SupplierView
{
    private const RUNS = 8;

    private const REJECTS = 50;

    /** Minutes after which stock and cost can be asked for, where the supplier offers it. */
    public const PACES = [15, 60, 240];

    public function __construct(
        public int $id,
        public string $name,
        public string $about,
        public string $address,
        public SupplierTableView $table,
        public PullRhythmView $rhythm,
        public ConnectionStandsView $stands,
        public CatalogueCountsView $has,
        public LatestPullsView $pulls,
        public string $ending,
    ) {
    }

    /** How old what is seen of it may be, and whether news of it was missed; null where it sends none. */
    private static function news(SupplierConnection $connection): ?string
    {
        return match (true) {
            $connection->account === null => null,
            $connection->unheard_from !== null => sprintf(
                'Since %s its news may have gone to another address. It comes here again; a pull brings what was missed.',
                $connection->unheard_from->diffForHumans(),
            ),
            $connection->heard_at === null => 'Its news of changes comes here at once; none has come yet.',
            default => sprintf('Its last news of a change came %s.', $connection->heard_at->diffForHumans()),
        };
    }

    public static function of(Stall $stall, SupplierConnection $connection, string $ending): self
    {
        $card = app(Connectors::class)->get($connection->kind)->card();

        return new self(
            id: $connection->id,
            name: $connection->name,
            about: $card->about,
            address: $connection->address,
            table: new SupplierTableView(
                mapped: $card->mapped,
                ready: ! $card->mapped || isset($connection->settings['mapping']),
                sent: isset($connection->settings['file']),
            ),
            rhythm: self::rhythm($connection),
            stands: new ConnectionStandsView(
                connected: $connection->disconnected_at === null,
                pulled: $connection->pulled_at?->diffForHumans(),
                news: self::news($connection),
                missed: $connection->unheard_from !== null,
                trouble: $connection->trouble,
            ),
            has: self::counts($connection),
            pulls: self::pulls($connection),
            ending: $ending,
        );
    }

    private static function rhythm(SupplierConnection $connection): PullRhythmView
    {
        $next = $connection->next_pull_at;
        $schedules = [];
        foreach (Schedule::cases() as $schedule) {
            $schedules[$schedule->value] = $schedule->words();
        }

        return new PullRhythmView(
            schedule: $connection->schedule->value,
            schedules: $schedules,
            paused: $connection->paused_at !== null,
            next: $next?->isFuture() === true ? Clock::here()->near($next) : null,
            tellsWhatMoves: $connection->connector() instanceof TellsWhatMoves,
            movingEvery: $connection->moving_every,
        );
    }

    private static function counts(SupplierConnection $connection): CatalogueCountsView
    {
        $counts = DB::table('supplier_items')
            ->where('connection_id', $connection->id)
            ->selectRaw(<<<'SQL'
                count(*) FILTER (WHERE gone_at IS NULL) AS items,
                COALESCE(sum(variants_count) FILTER (WHERE gone_at IS NULL), 0) AS variants,
                count(*) FILTER (WHERE gone_at IS NOT NULL) AS gone
                SQL)
            ->first();

        return new CatalogueCountsView(
            items: (int) ($counts->items ?? 0),
            variants: (int) ($counts->variants ?? 0),
            gone: (int) ($counts->gone ?? 0),
        );
    }

    private static function pulls(SupplierConnection $connection): LatestPullsView
    {
        $runs = $connection->runs()->where('kind', RunKind::Pull)->latest('id')->limit(self::RUNS)->get();
        $latest = $runs->first(static fn (Run $r): bool => $r->rejects > 0 || $r->counts !== []);

        return new LatestPullsView(
            runs: array_values($runs->map(RunView::of(...))->all()),
            rejects: $latest === null ? [] : self::rejects($latest),
            rejectsRun: $latest !== null && $latest->rejects > 0 ? $latest->id : null,
        );
    }

    /** @return list<RejectView> */
    private static function rejects(Run $run): array
    {
        $rows = DB::table('run_rejects')->where('run_id', $run->id)->orderBy('row')->limit(self::REJECTS)->get();

        return array_values($rows->map(static fn (\stdClass $r): RejectView => new RejectView(
            row: (int) $r->row,
            column: $r->column,
            value: $r->value,
            reason: $r->reason,
        ))->all());
    }
}
