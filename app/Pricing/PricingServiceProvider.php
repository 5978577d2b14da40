<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\MakesPrices;

/** What Pricing gives. */
final class PricingServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(MakesPrices::class, PriceListings::class);
    }
}
