<?php

declare(strict_types=1);

namespace WindowStall\Standins;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\ServiceProvider;

/** Brings the stand-ins' tables and commands in; their addresses are in {@see routes.php}. */
final class StandinsServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        if (! (bool) config('stall.standins.run')) {
            return;
        }
        $this->loadMigrationsFrom([
            __DIR__.'/Oakum/migrations',
            __DIR__.'/Payment/migrations',
            __DIR__.'/Kilnfold/migrations',
            __DIR__.'/Tannet/migrations',
            __DIR__.'/Carrier/migrations',
        ]);
        $this->loadViewsFrom(__DIR__.'/views', 'standins');
        if ($this->app->runningInConsole()) {
            $this->commands([Oakum\Console\Restock::class, Oakum\Console\Enlarge::class]);
        }
    }

    /** Each stand-in lives in a schema of its own, which the stand-ins' role keeps. */
    public static function schema(string $name): void
    {
        DB::connection('owner')->statement(
            sprintf(
                'CREATE SCHEMA IF NOT EXISTS %s AUTHORIZATION "%s"',
                $name,
                (string) config("database.connections.$name.username"),
            ),
        );
    }
}
