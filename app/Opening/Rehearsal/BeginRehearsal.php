<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Illuminate\Support\Facades\DB;
use WindowStall\Opening\Jobs\RehearseShop;
use WindowStall\Stall\Stall;

/** Begins a rehearsal of a stall's shop, where none is under way; the one there is then goes on. */
final class BeginRehearsal
{
    /** So many are kept. */
    private const KEPT = 60;

    public function __invoke(Stall $stall, bool $byNight = false): Rehearsal
    {
        return DB::transaction(static function () use ($stall, $byNight): Rehearsal {
            Stall::query()->whereKey($stall->id)->lockForUpdate()->first();
            $latest = Rehearsal::latest($stall);
            if ($latest?->isRunning() === true) {
                return $latest;
            }
            $rehearsal = Rehearsal::of($stall)->create([
                'by_night' => $byNight,
                'stands_for' => SetUp::of($stall),
                'begun_at' => now(),
            ]);
            Rehearsal::of($stall)->where('id', '<', $rehearsal->id)->whereNotIn(
                'id',
                Rehearsal::of($stall)->latest('id')->limit(self::KEPT)->pluck('id')->all(),
            )->delete();
            RehearseShop::dispatch($rehearsal->id)->afterCommit();

            return $rehearsal;
        }, attempts: 3);
    }
}
