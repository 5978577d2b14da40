<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Opens a shop to shoppers, or closes it: then they see a page that says so, and orders that were made stay there. */
final readonly class TurnSign
{
    public function __invoke(Stall $stall, bool $open): void
    {
        DB::transaction(static function () use ($stall, $open): void {
            $stall->update(['open' => $open, 'opened_at' => $stall->opened_at ?? ($open ? Carbon::now() : null)]);
            StalePages::frame($stall);
        });
    }
}
