<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;
use WindowStall\Window\StartWindow;

/** Sets up a stall with sensible terms, first rates and a dressed window, and makes the person its keeper. */
final readonly class OpenStall
{
    public function __construct(private StartWindow $startWindow)
    {
    }

    /** @param  array{name: string, handle: string, country: string, home_market: string, currency: string, vat_bp: int, flat_delivery_minor: int}  $facts */
    public function __invoke(User $by, array $facts): Stall
    {
        return DB::transaction(function () use ($by, $facts): Stall {
            $unit = \WindowStall\Core\Money\Currency::of($facts['currency'])->minorPerUnit();
            $stall = Stall::query()->create($facts + [
                'payment_fee_bp' => 150,
                'payment_fee_fixed_minor' => intdiv($unit * 20, 100),
                'recipe_factor_bp' => 24_000,
                'recipe_ending_minor' => intdiv($unit * 95, 100),
            ]);
            $stall->users()->attach($by);
            foreach (ReferenceRates::into($stall->currency) as $from => $rate) {
                $stall->rates()->create(['from' => $from, 'rate' => $rate, 'day' => ReferenceRates::DAY]);
            }
            ($this->startWindow)($stall);
            $by->forceFill(['current_stall_id' => $stall->id])->save();

            return $stall->refresh();
        });
    }
}
