<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\MakesPrices;
use WindowStall\Source\Events\MarketLanded;

/** What Pricing gives, and what it listens to. */
final class PricingServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(MakesPrices::class, PriceListings::class);
    }

    public function boot(): void
    {
        Event::listen(MarketLanded::class, PriceLandedMarket::class);
    }
}
