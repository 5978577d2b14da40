<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Bench\Events\StepReckoned;
use WindowStall\Bench\Events\StepTaken;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Bench\OpenChanges;
use WindowStall\Drift\Deciding\ReopenChanges;
use WindowStall\Drift\Following\FollowSupplier;
use WindowStall\Drift\Following\FollowVariants;
use WindowStall\Drift\Following\ReckonChanges;
use WindowStall\Drift\History\ChangesOfListing;
use WindowStall\Source\Events\SupplierSaidMore;

/** What Drift gives and listens to. */
final class DriftServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind(OpenChanges::class, ChangesOfListing::class);
    }

    public function boot(): void
    {
        Event::listen(SupplierSaidMore::class, FollowSupplier::class);
        Event::listen(StepTaken::class, FollowVariants::class);
        Event::listen(StepTakenBack::class, ReopenChanges::class);
        Event::listen(StepReckoned::class, ReckonChanges::class);
    }
}
