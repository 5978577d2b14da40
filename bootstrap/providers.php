<?php

declare(strict_types=1);

return [
    WindowStall\Support\WorkshopServiceProvider::class,
    WindowStall\Standins\StandinsServiceProvider::class,
];
