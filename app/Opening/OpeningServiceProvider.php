<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use Illuminate\Support\ServiceProvider;
use WindowStall\Opening\Rehearsal\ByOwnServer;
use WindowStall\Opening\Rehearsal\ReachesShop;

final class OpeningServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(ReachesShop::class, ByOwnServer::class);
    }
}
