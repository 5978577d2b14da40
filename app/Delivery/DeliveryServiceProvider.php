<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use Illuminate\Support\ServiceProvider;
use WindowStall\Delivery\Carrier\CarrierConnector;
use WindowStall\Delivery\Carrier\DemoCarrier;
use WindowStall\Delivery\Carrier\DemoTracking;
use WindowStall\Delivery\Carrier\TracksParcels;

/** What Delivery gives. */
final class DeliveryServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(CarrierConnector::class, DemoCarrier::class);
        $this->app->bind(TracksParcels::class, DemoTracking::class);
    }
}
