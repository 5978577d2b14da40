<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Pagination\CursorPaginator;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use PDO;
use WindowStall\Support\Api\Refusals;
use WindowStall\Support\Http\KnownBrowser;
use WindowStall\Support\Queue\FairConnector;
use WindowStall\Support\Queue\ListeningWorker;
use WindowStall\Support\Speech\Speech;

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
            foreach (['pgsql', 'oakum', 'kilnfold', 'tannet', 'carrier', 'payment'] as $name) {
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

    private static function person(Request $request): string
    {
        return hash('xxh128', mb_strtolower(self::email($request))).'.';
    }

    public function boot(): void
    {
        Queue::addConnector('fair', static fn (): FairConnector => new FairConnector(app('db')));
        $this->app->extend('queue.worker', ListeningWorker::inPlaceOf(...));
        // A query too many is a fault to find in tests, not one to show a seller.
        Model::shouldBeStrict($this->app->environment('testing'));
        Model::unguard();
        $this->loadViewsFrom(resource_path('shop'), 'shop');
        View::share(['say' => Speech::say(...), 'sayHtml' => Speech::html(...)]);
        // A number that is none never reaches the database.
        Sanctum::getAccessTokenFromRequestUsing(
            static fn (Request $request): ?string => preg_match(
                '/^\d{1,18}\|\w{1,100}$/D',
                (string) $request->bearerToken(),
            ) === 1
                ? $request->bearerToken()
                : null,
        );
        // A marker in an address is read by {@see Cursors} alone: the paginator would take any, and ask the database with it.
        CursorPaginator::currentCursorResolver(static fn (): null => null);
        // By person and machine together, so that whoever guesses at somebody's password locks out nobody but themselves;
        // by machine, so that none tries many people; and by person, so that many machines don't try one, which binds no
        // browser in which that person has signed in before.
        RateLimiter::for('sign-in', static fn (Request $request): array => [
            Limit::perMinute(10)->by('pair.'.self::person($request).$request->ip()),
            Limit::perMinute(40)->by('address.'.$request->ip()),
            Limit::perHour(400)->by('hour.'.$request->ip()),
            ...(KnownBrowser::knows($request, self::email($request))
                ? []
                : [Limit::perMinute(60)->by('person.'.self::person($request))]),
        ]);
        // A mail is all that asking for it can bring about: its limits are its own.
        RateLimiter::for('forgotten', static fn (Request $request): array => [
            Limit::perMinute(5)->by('forgotten.'.self::person($request).$request->ip()),
            Limit::perHour(30)->by('forgotten.'.self::person($request)),
            Limit::perMinute(40)->by('forgotten.address.'.$request->ip()),
        ]);
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
