<?php

declare(strict_types=1);

// In the order of the areas: of two that listen to the same, the earlier hears it first.
// What only stands beside it where it is tried out, measured and tested isn't there where it was installed without that
// (composer install --no-dev), and does nothing where it isn't wanted (STANDINS).
$beside = array_filter([
    WindowStall\Standins\StandinsServiceProvider::class,
    WindowStall\Demo\DemoServiceProvider::class,
    WindowStall\Benchmarks\BenchmarksServiceProvider::class,
], class_exists(...));

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
    WindowStall\Reviews\ReviewsServiceProvider::class,
    WindowStall\Window\WindowServiceProvider::class,
    WindowStall\Shop\ShopServiceProvider::class,
    WindowStall\Counter\CounterServiceProvider::class,
    WindowStall\Opening\OpeningServiceProvider::class,
    ...$beside,
];
