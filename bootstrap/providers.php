<?php

declare(strict_types=1);

return [
    WindowStall\Stall\StallServiceProvider::class,
    WindowStall\Support\WorkshopServiceProvider::class,
    WindowStall\Drift\DriftServiceProvider::class,
    WindowStall\Standins\StandinsServiceProvider::class,
];
