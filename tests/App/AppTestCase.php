<?php

declare(strict_types=1);

namespace WindowStall\Tests\App;

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\DatabaseTransactions;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use WindowStall\Bench\Jobs\FetchPictures;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\User;

/** Against real PostgreSQL and the running stand-ins; what the workshop writes is rolled back after each test. */
abstract class AppTestCase extends TestCase
{
    use DatabaseTransactions;

    protected World $world;

    public function createApplication(): Application
    {
        /** @var Application $app */
        $app = require __DIR__.'/../../bootstrap/app.php';
        $app->make(Kernel::class)->bootstrap();
        $app->singleton('db.connector.pgsql', KeptLine::class);

        return $app;
    }

    protected function setUp(): void
    {
        parent::setUp();
        // Ready pages beside those of the served instance, whose worker clears away shops that it can't see: a test's stall
        // is never committed.
        $this->app->useStoragePath(storage_path('in-tests'));
        // Where the test before broke off in a stall, this one begins outside.
        OneStall::leave();
        // Pictures have tests of their own; elsewhere they would only cost time.
        Queue::fake([FetchPictures::class]);
        $this->world = new World();
    }

    protected function signIn(?User $user = null): User
    {
        $user ??= $this->world->keeper();
        // Another person doesn't come in by the sign-in of the one before.
        $this->app['session']->forget(SignIn::KEY);
        $this->actingAs($user);

        return $user;
    }

    /** A press on a button of the page where a person plays Oakum Depot. */
    protected function play(string $path, string $do, string $cost = ''): void
    {
        Http::asForm()
            ->withOptions(['allow_redirects' => false])
            ->post(config('stall.oakum.address').'/play/'.$path, ['do' => $do, 'cost' => $cost])
            ->throw();
    }

    protected function wantingJson(): static
    {
        return $this->withHeaders(['Accept' => 'application/json']);
    }

    /**
     * The props of a page as the browser gets them.
     *
     * @param  TestResponse<\Symfony\Component\HttpFoundation\Response>  $response
     * @return array<string, mixed>
     */
    protected function pageProps(TestResponse $response): array
    {
        return json_decode((string) json_encode($response->assertOk()->viewData('page')), true)['props'];
    }
}
