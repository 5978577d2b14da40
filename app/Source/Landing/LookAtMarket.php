<?php

declare(strict_types=1);

namespace WindowStall\Source\Landing;

use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\LandMarket;
use WindowStall\Source\Views\MarketView;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Http\Typed;

/** The country that Source is looked at for: every cost, day count and warning there turns to it. */
final class LookAtMarket
{
    /** What the address bar says, else what was looked at last, else the home market. */
    public function inHand(Request $request, Stall $stall): string
    {
        $key = 'market.'.$stall->id;
        $asked = strtoupper(Typed::text($request, 'to'));
        $known = $stall->markets();
        if (in_array($asked, $known, true)) {
            $request->session()->put($key, $asked);

            return $asked;
        }
        $last = $request->session()->get($key);

        return is_string($last) && in_array($last, $known, true) ? $last : $stall->home_market;
    }

    /** Keeps landed costs for a country from now on; working them out the first time is a run that can be watched. */
    public function add(Stall $stall, string $market, ?User $by): void
    {
        if (in_array($market, $stall->markets(), true) && $this->run($stall, $market) === null) {
            $landed =
                $market === $stall->home_market ||
                DB::table('markets')
                    ->where('stall_id', $stall->id)
                    ->where('market', $market)
                    ->whereNotNull('landed_at')
                    ->exists();
            if ($landed) {
                return;
            }
        }
        DB::transaction(function () use ($stall, $market, $by): void {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            DB::table('markets')->insertOrIgnore(['stall_id' => $stall->id, 'market' => $market]);
            if (! $this->open($stall, $market)) {
                $run = Run::of($stall)
                    ->create([
                        'kind' => RunKind::Land,
                        'subject' => ['market' => $market],
                        'user_id' => $by?->id,
                        'state' => RunState::Waiting,
                        'counts' => [],
                    ]);
                $run->begin(LandMarket::class);
            }
        });
    }

    /** The run that works a market out, or makes another one the first, while it is open or if it failed. */
    public function run(Stall $stall, string $market): ?Run
    {
        $runs = static fn () => Run::of($stall)->where('kind', RunKind::Land)->latest('id');
        foreach (
            [
                $runs()->where('subject->market', $market)->first(),
                // One that failed is told of for a day: till then somebody may have thought better of it.
                $runs()->whereNotNull('subject->home')->where('created_at', '>', now()->subDay())->first(),
            ] as $run
        ) {
            if ($run !== null && ($run->state->open() || $run->state === RunState::Failed)) {
                return $run;
            }
        }

        return null;
    }

    /** @return list<MarketView> */
    public function views(Stall $stall): array
    {
        $landed = DB::table('markets')
            ->where('stall_id', $stall->id)
            ->whereNotNull('landed_at')
            ->pluck('market')
            ->all();

        return array_map(
            static fn (string $m): MarketView => new MarketView(
                code: $m,
                name: Stall::countryName($m),
                home: $m === $stall->home_market,
                landed: $m === $stall->home_market || in_array($m, $landed, true),
            ),
            $stall->markets(),
        );
    }

    private function open(Stall $stall, string $market): bool
    {
        return Run::of($stall)
            ->where('kind', RunKind::Land)
            ->where('subject->market', $market)
            ->whereIn('state', [RunState::Waiting, RunState::Running])
            ->exists();
    }
}
