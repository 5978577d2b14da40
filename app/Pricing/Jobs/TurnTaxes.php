<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Pricing\Reprice;
use WindowStall\Stall\Clock;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/** Makes prices anew where a rate of tax counts from today on. What is asked at the till goes by the day itself. */
final class TurnTaxes implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 50;

    public int $tries = 1;

    public int $timeout = 300;

    public int $uniqueFor = 300;

    public function handle(Reprice $reprice): void
    {
        OneStall::each('taxes_due', [now(), self::AT_ONCE], static function (int $number) use ($reprice): void {
            $stall = Stall::query()->with(['rates', 'recipes', 'marketRows'])->findOrFail($number);
            $due = $stall->taxRates()
                ->where('turned', false)
                ->where('from_day', '<=', now()->setTimezone(Clock::of($stall)->zone)->format('Y-m-d'))
                ->get();
            // Prices go by the day already; whoever breaks off before it is noted makes them once more.
            $reprice($stall, null);
            DB::transaction(static function () use ($stall, $due): void {
                foreach ($due as $rate) {
                    if (! $rate->isMarkets() || ! $rate->becomeMarkets($stall)) {
                        $rate->update(['turned' => true]);
                    }
                }
                StalePages::frame($stall);
            });
        });
    }
}
