<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use WindowStall\Source\Connectors\Connectors;

final class WorkshopServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Connectors::class, fn (): Connectors => Connectors::shipped());
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Model::unguard();
        $this->loadViewsFrom(resource_path('shop'), 'shop');
        RateLimiter::for('sign-in', fn (Request $request): Limit => Limit::perMinute(20)->by($request->string('email')->lower()->toString().'|'.$request->ip()));
        RateLimiter::for('hooks', fn (Request $request): Limit => Limit::perMinute(600)->by((string) $request->ip()));
    }
}
