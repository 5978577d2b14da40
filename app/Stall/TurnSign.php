<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Support\Refusal;

/** Opens a shop to shoppers, or closes it: then they see a page that says so, and orders that were made stay there. */
final readonly class TurnSign
{
    public function __invoke(Stall $stall, bool $open): void
    {
        DB::transaction(static function () use ($stall, $open): void {
            $stall->update([
                'open' => $open,
                'opens_at' => null,
                'opened_at' => $stall->opened_at ?? ($open ? Carbon::now() : null),
            ]);
            StalePages::frame($stall);
        });
    }

    /**
     * Has a closed shop open by itself.
     *
     * @param  Carbon|null  $at  in UTC; null: not by itself
     *
     * @throws Refusal where that time is over, or further off than anybody plans
     */
    public function at(Stall $stall, ?Carbon $at): void
    {
        if ($stall->open) {
            throw new Refusal('The shop is open already.');
        }
        if ($at !== null && ($at->isPast() || $at->isAfter(Carbon::now()->addYear()))) {
            throw new Refusal('It can open at a time from now on, within a year.');
        }
        $stall->update(['opens_at' => $at]);
    }
}
