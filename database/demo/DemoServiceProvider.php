<?php

declare(strict_types=1);

namespace WindowStall\Demo;

use Illuminate\Support\ServiceProvider;

/** Brings the demo's commands in, where the program runs with its stand-ins. */
final class DemoServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        if ((bool) config('stall.standins.run')) {
            $this->commands([MakeDemo::class, ShowAddresses::class, MakeLarge::class]);
        }
    }
}
