<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\Jobs\RepriceStall;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Runs\Views\RunView;
use WindowStall\Source\Jobs\LandMarket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/**
 * Prices a stall's goods again after its costs or recipes changed: at once, or as a run that can be watched where there
 * are many.
 */
final readonly class Reprice
{
    /** Variants that are priced while the person waits. */
    private const AT_ONCE = 4_000;

    public function __construct(private PriceListings $price)
    {
    }

    /** @param  bool  $landing  whether what goods cost landed changed too */
    public function __invoke(Stall $stall, ?User $by, bool $landing = false): ?Run
    {
        $run = null;
        if (
            ListingVariant::query()->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))->count() <=
            self::AT_ONCE
        ) {
            ($this->price)($stall);
        } else {
            $run = $this->run($stall, $by, RunKind::Price, []);
            $run->begin(RepriceStall::class);
        }
        foreach ($landing ? $stall->markets() : [] as $market) {
            $this->run($stall, $by, RunKind::Land, ['market' => $market])->begin(LandMarket::class);
        }

        return $run;
    }

    /** The run that prices everything again, while it is open. */
    public static function underWay(Stall $stall): ?RunView
    {
        $run = Run::of($stall)
            ->where('kind', RunKind::Price)
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->latest('id')
            ->first();

        return $run === null ? null : RunView::of($run);
    }

    /** @param  array<string, string>  $subject */
    private function run(Stall $stall, ?User $by, RunKind $kind, array $subject): Run
    {
        // One that waits will see what changed since.
        $waiting = Run::of($stall)
            ->where('kind', $kind)
            ->where('state', RunState::Waiting)
            ->where('subject', json_encode($subject))
            ->first();

        return $waiting ??
            Run::of($stall)
                ->create([
                    'kind' => $kind,
                    'subject' => $subject,
                    'user_id' => $by?->id,
                    'state' => RunState::Waiting,
                    'counts' => [],
                ]);
    }
}
