<?php

declare(strict_types=1);

namespace WindowStall\Source;

use Illuminate\Support\Facades\Event;
use Illuminate\Support\ServiceProvider;
use WindowStall\Runs\Run;
use WindowStall\Source\Connectors\Connectors;
use WindowStall\Source\Jobs\MoveHome;
use WindowStall\Stall\Events\HomeWanted;
use WindowStall\Stall\Stall;

/** What Source gives and listens to. */
final class SourceServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Connectors::class, static fn (): Connectors => Connectors::shipped());
    }

    public function boot(): void
    {
        // What addresses name below a stall is looked for among its own.
        Stall::resolveRelationUsing('connections', SupplierConnection::of(...));
        Stall::resolveRelationUsing('items', SupplierItem::of(...));
        Stall::resolveRelationUsing('runs', Run::of(...));
        Event::listen(HomeWanted::class, MoveHome::begin(...));
    }
}
