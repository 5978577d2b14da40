<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Source\Events\SupplierSaidMore;

/** What Drift listens to. */
final class DriftServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Event::listen(SupplierSaidMore::class, FollowSupplier::class);
        Event::listen(StepTakenBack::class, ReopenChanges::class);
    }
}
