<?php

declare(strict_types=1);

// In the order of the areas: of two that listen to the same, the earlier hears it first.
return [
    WindowStall\Support\WorkshopServiceProvider::class,
    WindowStall\Stall\StallServiceProvider::class,
    WindowStall\Source\SourceServiceProvider::class,
    WindowStall\Bench\BenchServiceProvider::class,
    WindowStall\Pricing\PricingServiceProvider::class,
    WindowStall\Drift\DriftServiceProvider::class,
    WindowStall\Print\PrintServiceProvider::class,
    WindowStall\Shelves\ShelvesServiceProvider::class,
    WindowStall\Offers\OffersServiceProvider::class,
    WindowStall\Delivery\DeliveryServiceProvider::class,
    WindowStall\Window\WindowServiceProvider::class,
    WindowStall\Shop\ShopServiceProvider::class,
    WindowStall\Counter\CounterServiceProvider::class,
    WindowStall\Standins\StandinsServiceProvider::class,
];
