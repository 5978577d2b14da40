<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Routing\Route as Routed;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\Group;
use WindowStall\Bench\Listing;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\SignIn;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/**
 * Every route of the route list, asked by a guest, a stranger and the owner, with values that nobody should send: no
 * answer is a fault of ours, and none holds a row of another stall.
 *
 * Each run asks a part, drawn by a seed that is printed; SPOILT=all asks everything (bin/faults does), and SPOILT=SEED what a
 * run asked before.
 */
#[Group('slow')]
final class SpoiltTest extends AppTestCase
{
    /** Values that are tried at a door where nobody is let in. */
    private const AT_THE_DOOR = 4;

    private const MARK = 'Marked as another stall’s';

    /** Names that routes read from the address or the body. */
    private const NAMES = [
        'q',
        'state',
        'tag',
        'sort',
        'case',
        'recipe',
        'page',
        'to',
        'cursor',
        'items',
        'listings',
        'goods_type',
        'goods_listing',
        'cells',
        'variants',
        'variant',
        'price',
        'version',
        'title',
        'words',
        'option',
        'groups',
        'sources',
        'look',
        'sections',
        'address',
        'key',
        'name',
        'kind',
        'language',
        'room',
        'email',
        'password',
        'quantity',
        'listing',
        'total',
        'street',
        'town',
        'postcode',
        'fields',
        'rates',
        'suppliers',
        'recipes',
        'columns',
        'decimal',
        'market',
        'query',
        'add',
        'remove',
        'find',
        'with',
        'field',
        'manner',
        'x',
        'y',
        'zoom',
        'supplierOrder',
        'laid',
        'colours',
        'sizes',
        'instead',
        'prices',
        'scenes',
        'finding',
        'fit',
        'blank',
        'artwork',
        'newer',
        'rights',
        'closed',
        'offer',
        'until',
        'extras',
        'mostPieces',
        'billDays',
        'warnDays',
        'pays',
        'link',
        'wished',
        'as',
        'after',
        'limit',
        'currency',
        'sale',
        'cost',
        'fees',
        'do',
        'names',
        'order',
        'pieces',
        'bears',
        'borne',
        'why',
        'parcel',
        'answer',
        'preferences',
        'lines',
        'stands',
        'only',
        'across',
        'ladder',
        'text',
        'values',
        'keep',
        'schedule',
        'delivery',
        'handle',
        'country',
        'vat',
        'home_market',
        'stock',
        'landed',
        'days',
        'margin',
        'rating',
        'supplier',
        'category',
        'from',
        'barcode',
        'token',
        'current',
        'afresh',
        'changes',
        'value',
        'on',
        'under_floor',
        'alt',
        'shows',
        'picture',
        'file',
        'conditions',
        'at',
        'revision',
        'for',
        'hero',
        'measures',
        'agreed',
        'section',
        'rule',
        'slug',
        'standing',
        'seen',
        'cover_id',
        'search_words',
        'means',
        'word',
        'type',
        'is',
        'within',
        'trader',
        'return_days',
        'return_by',
        'keep_years',
        'besides',
        'asked',
        'hidden',
        'shown',
        'open',
        'made',
        'meant',
        'sold',
    ];

    /** For what stands in the path. */
    private const PLACES = [
        '0',
        '-1',
        '99999999999999999999',
        '9223372036854775807',
        'abc',
        '%00',
        '%C3%28',
        '..%2F..%2Fetc%2Fpasswd',
        '1%20OR%201=1',
        '١',
    ];

    /** One in so many is asked in a run. */
    private const PART = 4;

    private Stall $mine;

    private Stall $theirs;

    private User $stranger;

    /** @var array<string, User> */
    private array $people = [];

    /** @var array<string, string> */
    private array $signIns = [];

    private int $asked = 0;

    /** @var array<string, true> */
    private array $faults = [];

    /** What is drawn by; null where everything is asked. */
    private ?string $seed = null;

    protected function setUp(): void
    {
        parent::setUp();
        $said = getenv('SPOILT') ?: (string) random_int(1, 1_000_000);
        $this->seed = $said === 'all' ? null : $said;
        Queue::fake();
        Mail::fake();
        Storage::fake('local');
        Storage::fake('media');
        $this->mine = $this->world->stall();
        $this->world->inWindow(
            $this->mine,
            Items::item([Items::variant('v'), Items::variant('w', 700, 5, 'CPR-02')], 'Mine', id: 'S-1'),
        );
        $this->stranger = User::query()->create([
            'name' => 'Stranger',
            'email' => 'stranger@quillet.example',
            'password' => 'four-rows-of-peas',
        ]);
        $this->theirs = $this->world->stall($this->stranger);
        $this->world->inWindow($this->theirs, Items::item([Items::variant('z')], self::MARK, id: 'S-2'));
        $this->people = ['owner' => $this->world->keeper()->refresh(), 'stranger' => $this->stranger->refresh()];
        $this->signIns = array_map(
            static fn (User $u): string => SignIn::query()->create([
                'id' => (string) Str::uuid(),
                'user_id' => $u->id,
                'seen_at' => now(),
                'created_at' => now(),
            ])->id,
            $this->people,
        );
        Http::fake(['*' => Http::response(['id' => str_repeat('x', 300), 'state' => ['odd'], 'items' => 7])]);
    }

    /**
     * Each request has a transaction of its own; thousands within one would slow each other down.
     *
     * @return list<string>
     */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function tearDown(): void
    {
        // What stalls keep of each other's goods goes in the order of who needs whom.
        foreach (['listings', 'supplier_items', 'supplier_connections'] as $table) {
            DB::table($table)
                ->whereIn('stall_id', [$this->mine->id, $this->theirs->id])
                ->delete();
        }
        Stall::query()
            ->whereKey([$this->mine->id, $this->theirs->id])
            ->delete();
        User::query()
            ->whereKey([$this->stranger->id, $this->world->keeper()->id])
            ->delete();
        parent::tearDown();
    }

    public function test_spoilt_values_get_an_answer_from_every_route(): void
    {
        foreach ($this->routes() as $route) {
            // Within a stall others are turned away at its door, before anything they sent is read.
            $door = str_contains($route->uri(), 'at/{stall}');
            foreach (self::values() as $name => $value) {
                $turnedAway = $door && ! in_array($name, array_slice(array_keys(self::values()), 0, self::AT_THE_DOOR), true);
                foreach ($turnedAway ? ['owner'] : ['guest', 'stranger', 'owner'] as $who) {
                    if ($this->drawn($route, $who, $name)) {
                        $this->ask($route, $this->path($route, $this->own()), $value, $who, $name);
                    }
                }
            }
        }
        self::assertSame([], array_keys($this->faults), 'SPOILT='.$this->seed.' asks the same again');
        self::assertGreaterThanOrEqual($this->seed === null ? 6_000 : 1_200, $this->asked);
    }

    public function test_spoilt_places_in_an_address_get_an_answer(): void
    {
        foreach ($this->routes() as $route) {
            foreach ($route->parameterNames() as $parameter) {
                foreach (in_array($parameter, ['shop'], true) ? [] : self::PLACES as $place) {
                    $what = $parameter.' '.$place;
                    if ($this->drawn($route, 'owner', $what)) {
                        $this->ask($route, $this->path($route, [$parameter => $place] + $this->own()), [], 'owner', $what);
                    }
                }
            }
        }
        self::assertSame([], array_keys($this->faults), 'SPOILT='.$this->seed.' asks the same again');
        self::assertGreaterThan($this->seed === null ? 1_200 : 250, $this->asked);
    }

    public function test_another_stalls_rows_are_nowhere_whatever_number_is_asked_for(): void
    {
        $theirs = $this->numbersOf($this->theirs);
        foreach ($this->routes() as $route) {
            $named = array_diff($route->parameterNames(), ['stall', 'shop']);
            if ($named === [] || ! str_contains($route->uri(), 'at/{stall}')) {
                continue;
            }
            $status = $this->ask(
                $route,
                $this->path($route, ['stall' => $this->mine->handle] + $theirs),
                [],
                'owner',
                'their numbers',
            );
            self::assertContains($status, [404, 422, 302, 303], $route->uri().' knows another stall’s number');
        }
        self::assertSame([], array_keys($this->faults));
    }

    /** Whether it is asked in this run. */
    private function drawn(Routed $route, string $who, string $what): bool
    {
        $about = implode(' ', [$this->seed, $route->methods()[0], $route->uri(), $who, $what]);

        return $this->seed === null || crc32($about) % self::PART === 0;
    }

    /** @return list<Routed> */
    private function routes(): array
    {
        $standins = (string) config('stall.standins_host');

        return array_values(
            array_filter(
                Route::getRoutes()->getRoutes(),
                static fn (Routed $r): bool => ! str_ends_with((string) $r->getDomain(), $standins),
            ),
        );
    }

    private function ask(Routed $route, string $path, mixed $value, string $who, string $what): int
    {
        $this->asked++;
        $verb = $route->methods()[0];
        $host = str_starts_with((string) $route->getDomain(), '{shop}')
            ? $this->mine->shopAddress()
            : config('stall.scheme').'://'.config('stall.workshop_host').config('stall.port_suffix');
        $with = is_array($value) && $value === [] ? [] : array_fill_keys(self::NAMES, $value);
        Cache::flush();
        DB::beginTransaction();
        // The guards stay: new ones would each listen for the next request, and thousands of them would make it slow.
        $this->app['auth']->guard('web')->forgetUser();
        $this->app['auth']->guard('sanctum')->forgetUser();
        $this->app['session']->flush();
        if ($who !== 'guest') {
            $this->actingAs($this->people[$who]);
            $this->app['session']->put(SignIn::KEY, $this->signIns[$who]);
        }
        $response =
            $verb === 'GET'
                ? $this->call(
                    'GET',
                    $host.$path.($with === [] ? '' : '?'.http_build_query($with)),
                    server: ['HTTP_ACCEPT' => 'application/json'],
                )
                : $this->call(
                    $verb,
                    $host.$path,
                    $with,
                    server: ['HTTP_ACCEPT' => 'application/json', 'HTTP_ORIGIN' => $host],
                );
        $status = $response->getStatusCode();
        DB::rollBack();
        $about = sprintf(
            '%s %s as %s, %s: %s',
            $verb,
            $route->uri(),
            $who,
            $what,
            $status >= 500 ? mb_strimwidth((string) $response->exception?->getMessage(), 0, 300) : '',
        );
        if ($status >= 500) {
            $this->faults[$about] = true;
        }
        if ($who === 'owner' && str_contains((string) $response->baseResponse->getContent(), self::MARK)) {
            $this->faults['a foreign row: '.$about] = true;
        }

        return $status;
    }

    /** @param  array<string, string|int>  $with */
    private function path(Routed $route, array $with): string
    {
        $path = preg_replace_callback(
            '/\{(\w+)\??\}/',
            static fn (array $m): string => (string) ($with[$m[1]] ?? '1'),
            $route->uri(),
        );

        return '/'.ltrim((string) $path, '/');
    }

    /** @return array<string, string|int> */
    private function own(): array
    {
        static $own = [];

        return $own[$this->mine->id] ??= ['stall' => $this->mine->handle] + $this->numbersOf($this->mine);
    }

    /** @return array<string, string|int> */
    private function numbersOf(Stall $stall): array
    {
        $listing = Listing::of($stall)->firstOrFail();
        $id = static fn (string $table): int => (int) DB::table($table)->where('stall_id', $stall->id)->max('id');

        return [
            'listing' => $listing->id,
            'slug' => $listing->slug,
            'variant' => $id('listing_variants'),
            'item' => $id('supplier_items'),
            'connection' => $id('supplier_connections'),
            'run' => $id('runs'),
            'picture' => $id('pictures'),
            'recipe' => $id('price_recipes'),
            'order' => 1,
            'change' => 1,
            'search' => 1,
            'token' => str_repeat('a', 43),
            'publicId' => '00000000-0000-4000-8000-000000000000',
            'line' => 1,
            'version' => 1,
            'revision' => $id('window_revisions'),
            'preview' => 1,
            'look' => 1,
            'shelf' => $this->shelf($stall),
            'synonym' => 1,
            'onlooker' => 1,
            'outsideScript' => 1,
            'page' => 1,
            'letter' => 1,
            'review' => $id('reviews'),
            'question' => $id('goods_questions'),
            'firstShop' => $id('first_shops'),
            'way' => 1,
            'return' => 1,
            'batch' => 1,
            'supplierOrder' => 1,
            'supplierRequest' => 1,
            'artwork' => $id('artworks'),
            'placing' => $id('placings'),
            'file' => $id('print_files'),
            'part' => 1,
            'fallbackPlaceholder' => 'nowhere',
            'kind' => 'terms',
            'language' => 'de',
            'room' => 'titles',
            'tag' => 'gift',
            'secret' => str_repeat('a', 40),
            'signIn' => '00000000-0000-4000-8000-000000000000',
        ];
    }

    private function shelf(Stall $stall): int
    {
        $made = Shelf::of($stall)->value('id');

        return (int) ($made ?? app(ChangeShelf::class)->make($stall, self::MARK, ['join' => 'all', 'parts' => []])->id);
    }

    /** @return array<string, mixed> */
    private static function values(): array
    {
        $deep = 'x';
        for ($n = 0; $n < 12; $n++) {
            $deep = [$deep];
        }

        return [
            'nothing' => '',
            'below nought' => '-1',
            'too large a number' => '99999999999999999999',
            'words' => 'abc',
            'NUL' => "a\0b",
            'broken UTF-8' => "\xC3\x28",
            'half a surrogate' => "\xED\xA0\x80",
            'a list' => ['x'],
            'a map of lists' => ['a' => ['b' => ['c']]],
            'lists of numbers too large' => ['99999999999999999999'],
            'deep' => $deep,
            'signs' => "%_\\'\";--",
            'very long' => str_repeat('x', 1500),
            'markup' => '<script>alert(1)</script>{{7*7}}',
            'a forged marker' => base64_encode('{"id":"x","_pointsToNextItems":true}'),
            'other scripts' => '١٢٣ 𝟙 𝕏',
        ];
    }
}
