<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\Events\HomeMoved;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Stall\Events\HomeWanted;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;

/**
 * Makes another country the one a stall sells to first. What everything costs there, and its prices, are worked out
 * before shoppers are asked them; till then the stall sells as it did.
 */
final class MoveHome extends LandingRun
{
    /** Begins it, unless it is under way already. */
    public static function begin(HomeWanted $wanted): void
    {
        if (self::underWay($wanted->stall, $wanted->market) === null) {
            Run::of($wanted->stall)
                ->create([
                    'kind' => RunKind::Land,
                    'subject' => [
                        'market' => $wanted->market,
                        'home' => $wanted->market,
                        'from' => $wanted->stall->home_market,
                    ],
                    'user_id' => $wanted->by?->id,
                    'state' => RunState::Waiting,
                    'counts' => [],
                ])
                ->begin(self::class);
        }
    }

    /** @param  string|null  $market  to which; to any when null */
    public static function underWay(Stall $stall, ?string $market = null): ?Run
    {
        return Run::of($stall)
            ->where('kind', RunKind::Land)
            ->when($market === null, static fn ($q) => $q->whereNotNull('subject->home'))
            ->when($market !== null, static fn ($q) => $q->where('subject->home', $market))
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->latest('id')
            ->first();
    }

    public function handle(LandItems $land): void
    {
        $run = Run::query()->find($this->runId);
        if ($run === null) {
            return;
        }
        $market = (string) ($run->subject['home'] ?? '');
        $stall = Stall::query()->with('rates')->findOrFail($run->stall_id);
        $run->perform(
            sprintf('Working out what everything costs in %s', Stall::countrySaid($market)),
            function () use ($run, $stall, $market, $land): void {
                DB::table('markets')->updateOrInsert(['stall_id' => $stall->id, 'market' => $market], ['sold' => true]);
                $stall->unsetRelation('marketRows');
                $this->land($run, $stall, $market);
                $stall->update(['home_market' => $market]);
                Places::makeHome($stall);
                // Every variant is landed at home, listed ones abroad; quotes for both are known by now. Where it was at
                // home before is in the run: taken up again, it may have moved already.
                $land($stall, markets: [$market, (string) ($run->subject['from'] ?? $market)]);
                event(new HomeMoved($stall));
                StalePages::frame($stall);
            },
            'Something went wrong here. It has been noted; choose the country again in the settings.',
        );
    }
}
