<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\DB;
use WindowStall\Source\Landing\LookAtMarket;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Sells to a country from now on, with a price list of its own, or no longer. Looking at what goods cost there is another thing. */
final readonly class SellToMarket
{
    public function __construct(private ChangePricing $change, private LookAtMarket $look)
    {
    }

    public function __invoke(Stall $stall, ?User $by, string $market, bool $sold): PricingChange
    {
        if ($sold) {
            $this->look->add($stall, $market, $by);
        }
        [$change] = ($this->change)(
            $stall,
            $by,
            sprintf($sold ? 'It is sold to %s, too' : 'It isn’t sold to %s any more', Stall::countrySaid($market)),
            static function () use ($stall, $market, $sold): void {
                DB::table('markets')
                    ->where('stall_id', $stall->id)
                    ->where('market', $market)
                    ->where('market', '!=', $stall->home_market)
                    ->update(['sold' => $sold]);
            },
        );

        return $change;
    }
}
