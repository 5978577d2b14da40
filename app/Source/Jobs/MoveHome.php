<?php

declare(strict_types=1);

namespace WindowStall\Source\Jobs;

use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunJob;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\Events\HomeMoved;
use WindowStall\Source\Events\MarketLanded;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Stall\Events\HomeWanted;
use WindowStall\Stall\Stall;

/**
 * Makes another country the one a stall sells to first. What everything costs there, and its prices, are worked out
 * before shoppers are asked them; till then the stall sells as it did.
 */
final class MoveHome extends RunJob
{
    /** Begins it, unless it is under way already. */
    public static function begin(HomeWanted $wanted): void
    {
        $same = Run::of($wanted->stall)
            ->where('kind', RunKind::Land)
            ->where('subject->home', $wanted->market)
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->exists();
        if (! $same) {
            Run::of($wanted->stall)
                ->create([
                    'kind' => RunKind::Land,
                    'subject' => ['market' => $wanted->market, 'home' => $wanted->market],
                    'user_id' => $wanted->by?->id,
                    'state' => RunState::Waiting,
                    'counts' => [],
                ])
                ->begin(self::class);
        }
    }

    protected static function queueName(): string
    {
        return 'pulls';
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
                $land($stall, markets: [$market], progress: function (int $done) use ($run): void {
                    $run->stopIfCancelled();
                    $run->update(['done' => $done]);
                });
                $stall->marketsLanded($market);
                event(new MarketLanded($stall, $market));
                $before = $stall->home_market;
                $stall->update(['home_market' => $market]);
                // Every variant is landed at home, listed ones abroad; quotes for both are known by now.
                $land($stall, markets: [$market, $before]);
                event(new HomeMoved($stall));
                $stall->bumpShop();
            },
            'Something went wrong here. It has been noted; choose the country again in the settings.',
        );
    }
}
