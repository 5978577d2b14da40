<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use PHPUnit\Framework\Attributes\Group;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Counter\Letters\TakeLetter;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Synonym;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Stall\Words\ChangeLanguages;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\PageKind;

/**
 * Every route of the workshop with right values: a guest is asked to sign in, a stranger isn't told that there is such a
 * thing, and whoever works in the stall gets what they ask for. Spoilt values are {@see SpoiltTest}'s.
 */
#[Group('slow')]
final class DoorsTest extends AppTestCase
{
    private Stall $stall;

    private User $keeper;

    private User $stranger;

    /** What was answered last, where that tells. */
    private int $said = 0;

    /** @var array<string, int|string> what stands for each part of an address */
    private array $places;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->keeper = $this->world->keeper();
        $this->stall = $this->world->stall($this->keeper);
        $this->stranger = User::query()->create([
            'name' => 'Stranger',
            'email' => 'stranger@quillet.example',
            'password' => 'four-rows-of-peas',
        ]);
        $this->world->stall($this->stranger);
        $listing = $this->world->inWindow($this->stall);
        app(ChangeLanguages::class)($this->stall, 'GB', ['en', 'de']);
        $order = $this->world->order($this->stall, $listing->variants()->firstOrFail(), 1, now(), 900);
        $this->places = [
            'stall' => $this->stall->handle,
            'listing' => $listing->id,
            'variant' => (int) $listing->variants()->value('id'),
            'picture' => (int) Picture::query()->where('listing_id', $listing->id)->value('id'),
            'item' => (int) SupplierItem::query()->where('stall_id', $this->stall->id)->value('id'),
            'connection' => (int) SupplierConnection::of($this->stall)->value('id'),
            'run' => Run::of($this->stall)->create(['state' => RunState::Done])->id,
            'order' => $order,
            'recipe' => (int) $this->stall->recipes()->value('id'),
            'shelf' => app(ChangeShelf::class)->make($this->stall, 'Pots', ['join' => 'all', 'parts' => []])->id,
            'synonym' => Synonym::of($this->stall)->create(['word' => 'a', 'means' => 'b'])->id,
            'page' => app(ChangePage::class)->make($this->stall, PageKind::About, 'About')->id,
            'letter' => (int) app(TakeLetter::class)($this->stall, 'Bo', 'bo@reed.example', '', 'Where?')?->id,
            'kind' => 'terms',
            'language' => 'de',
            'room' => 'titles',
            'taxRate' => (int) $this->stall->taxRates()->create([
                'country' => 'GB', 'class' => 'reduced', 'rate_millionths' => 50_000, 'from_day' => '2020-01-01',
            ])->id,
        ];
    }

    public function test_a_guest_gets_nothing_and_is_asked_to_sign_in(): void
    {
        $this->each(
            fn (Routed $route): bool => $this->call($route->methods()[0], $this->address($route, self::ANY))
                ->isRedirect(route('sign-in')),
        );
    }

    public function test_a_guest_that_is_a_program_is_told_so_in_json(): void
    {
        $this->each(
            fn (Routed $route): bool => $this->json($route->methods()[0], $this->address($route, self::ANY))
                ->status() === 401,
        );
    }

    public function test_somebody_from_another_stall_isnt_told_that_there_is_such_a_thing(): void
    {
        $this->signIn($this->stranger);
        $this->each(
            fn (Routed $route): bool => ! str_contains($route->uri(), '{stall}') ||
                $this->json($route->methods()[0], $this->address($route, self::ANY))->status() === 404,
        );
    }

    public function test_whoever_works_there_gets_every_screen_and_every_answer_that_only_reads(): void
    {
        $this->signIn($this->keeper);
        $asked = 0;
        $this->each(function (Routed $route) use (&$asked): bool {
            $open = array_diff($route->parameterNames(), array_keys($this->places));
            if ($route->methods()[0] !== 'GET' || $open !== []) {
                return true;
            }
            $asked++;
            $answer = $this->call('GET', $this->address($route, $this->places), self::WITH[$route->getName()] ?? []);
            $this->said = $answer->baseResponse->getStatusCode();

            return in_array($this->said, self::OTHERWISE[$route->getName()] ?? [200, 302], true);
        });
        self::assertGreaterThan(35, $asked);
    }

    public function test_what_belongs_to_another_stall_isnt_there_in_ones_own(): void
    {
        $this->signIn($this->stranger);
        $own = Door::of($this->stranger)[0]->handle;
        $this->each(function (Routed $route) use ($own): bool {
            $names = array_diff($route->parameterNames(), ['stall']);
            $open = array_diff($names, array_keys($this->places));
            if (! in_array('stall', $route->parameterNames(), true) || $names === [] || $open !== []) {
                return true;
            }
            $answer = $this->json($route->methods()[0], $this->address($route, ['stall' => $own] + $this->places));

            return in_array($answer->status(), [404, 422], true);
        });
        self::assertTrue(Listing::query()->whereKey($this->places['listing'])->exists());
    }

    /** For whoever may not come in: what stands there doesn't matter. */
    private const ANY = [];

    /** What a route needs to be asked with. */
    private const WITH = [
        'bench.till' => ['variant' => 0, 'price' => '20'],
        'bench.piece' => ['width' => 800, 'height' => 600, 'x' => 50, 'y' => 50, 'zoom' => 100],
        'find' => ['q' => 'trowel'],
    ];

    /** What a route answers besides a page when there is nothing yet. */
    private const OTHERWISE = [
        'bench.till' => [404],
        // Oakum Depot has no columns to be mapped.
        'source.mapping' => [404],
        'bench.twins' => [200, 302],
        'bench.sources' => [404],
        'bench.parts' => [200, 422],
        // There is no logo, and none was sent.
        'window.looks.logo-colours' => [302],
        'window.logo.sent' => [404],
        'drift.run' => [200, 404],
        'drift.rehearsal' => [404],
    ];

    /** @return iterable<Routed> that take somebody who is signed in */
    private function locked(): iterable
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            if (
                $route->getDomain() === config('stall.workshop_host') &&
                in_array('auth', $route->gatherMiddleware(), true)
            ) {
                yield $route;
            }
        }
    }

    /**
     * Asks at every door, and names those that weren't as they should be.
     *
     * @param  callable(Routed): bool  $right
     */
    private function each(callable $right): void
    {
        $wrong = [];
        foreach ($this->locked() as $route) {
            $this->said = 0;
            if (! $right($route)) {
                $wrong[] = self::called($route).' '.$this->said;
            }
        }
        self::assertSame([], $wrong);
    }

    /** @param  array<string, int|string>  $places */
    private function address(Routed $route, array $places): string
    {
        $path = (string) preg_replace_callback(
            '/\{(\w+)\??\}/',
            fn (array $m): string => (string) ($places[$m[1]] ??
                ([
                    'stall' => $this->stall->handle, 'kind' => 'terms', 'language' => 'de', 'room' => 'titles', 'country' => 'GB',
                    'signIn' => '3f2a8e1c-0b4d-4c7e-9a51-7d1f0e6b2c34',
                ])[$m[1]] ??
                1),
            $route->uri(),
        );

        return 'http://'.config('stall.workshop_host').'/'.ltrim($path, '/');
    }

    private static function called(Routed $route): string
    {
        return $route->methods()[0].' /'.$route->uri().' ('.$route->getName().')';
    }
}
