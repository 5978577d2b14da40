<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use PDO;
use WindowStall\Support\Api\Refusals;

final class WorkshopServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->keepConnections();
    }

    /**
     * Signing in to PostgreSQL takes longer than most pages; a web process keeps its connections from request to
     * request.
     */
    private function keepConnections(): void
    {
        if (PHP_SAPI === 'fpm-fcgi') {
            foreach (['pgsql', 'oakum', 'kilnfold', 'tannet', 'payment'] as $name) {
                config(["database.connections.$name.options" => [PDO::ATTR_PERSISTENT => true]]);
            }
        }
    }

    private static function email(Request $request): string
    {
        $email = $request->input('email');

        return is_string($email)
            ? trim($email)
            : ($request->user() === null
                ? ''
                : 'person '.$request->user()->getAuthIdentifier());
    }

    public function boot(): void
    {
        // A query too many is a fault to find in tests, not one to show a seller.
        Model::shouldBeStrict($this->app->environment('testing'));
        Model::unguard();
        $this->loadViewsFrom(resource_path('shop'), 'shop');
        // By address as well as by e-mail: neither one machine trying many people nor many machines trying one person
        // get far. A number that is none never reaches the database.
        Sanctum::getAccessTokenFromRequestUsing(
            static fn (Request $request): ?string => preg_match(
                '/^\d{1,18}\|\w{1,100}$/D',
                (string) $request->bearerToken(),
            ) === 1
                ? $request->bearerToken()
                : null,
        );
        RateLimiter::for(
            'sign-in',
            fn (Request $request): array => [
                Limit::perMinute(10)->by('email.'.hash('xxh128', mb_strtolower(self::email($request)))),
                Limit::perMinute(40)->by('address.'.$request->ip()),
                Limit::perHour(400)->by('hour.'.$request->ip()),
            ],
        );
        RateLimiter::for(
            'dear',
            fn (Request $request): array => [
                Limit::perMinute(60)->by('person.'.$request->user()?->getAuthIdentifier()),
                Limit::perMinute(150)->by('stall.'.$request->segment(2)),
            ],
        );
        RateLimiter::for(
            'api',
            fn (Request $request): Limit => Limit::perMinute(Refusals::IN_A_MINUTE)->by(
                'api:'.hash('xxh128', (string) $request->bearerToken()),
            ),
        );
        RateLimiter::for('hooks', fn (Request $request): Limit => Limit::perMinute(600)->by((string) $request->ip()));
    }
}
