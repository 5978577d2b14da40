<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Frame\Api\OpenApi;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Stall\Stall;
use WindowStall\Support\Api\Refusals;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

final class ApiTest extends AppTestCase
{
    use Described;

    private Stall $stall;

    private string $token;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->world->inWindow($this->stall);
        $this->world->listing($this->stall, Items::item([Items::variant('q', 620, 0)], 'Second', id: 'T-2'));
        app(StartPull::class)(
            $this->world->feed(
                $this->stall,
                "sku,name,cost\nA,Pot,4.20\nB,Pan,free\n",
                \WindowStall\Tests\Core\Feeds\Samples::mapping(
                    [
                        'sku' => \WindowStall\Core\Feeds\FeedField::Sku,
                        'name' => \WindowStall\Core\Feeds\FeedField::Title,
                        'cost' => \WindowStall\Core\Feeds\FeedField::Cost,
                    ],
                    \WindowStall\Core\Feeds\DecimalSign::Point,
                ),
            ),
            null,
        );
        self::assertSame(0, Artisan::call('stall:token', ['handle' => $this->stall->handle]));
        $this->token = trim(Artisan::output());
    }

    #[TestWith(['listings', 2])]
    #[TestWith(['items', 3])]
    #[TestWith(['runs', 3])]
    #[TestWith(['prices', 3])]
    public function test_each_list_is_as_the_description_says_and_pages_by_key(string $list, int $count): void
    {
        $whole = $this->ask($list)->assertOk();
        self::assertCount($count, $whole->json('data'));
        self::assertNull($whole->json('next'));
        self::assertDescribed($whole, 'get', '/'.$list);
        $seen = [];
        $after = 0;
        do {
            $page = $this->ask($list, ['limit' => 1, 'after' => $after]);
            array_push($seen, ...array_column($page->json('data'), 'id'));
            $after = $page->json('next');
        } while ($after !== null);
        self::assertSame(array_column($whole->json('data'), 'id'), $seen);
    }

    public function test_figures_are_decimal_strings_and_another_stalls_things_arent_there(): void
    {
        $this->world->inWindow($this->world->stall());
        $this->ask('listings')
            ->assertJsonCount(2, 'data')
            ->assertJsonPath('data.0.variants.0.price', '15.95')
            ->assertJsonPath('data.0.variants.0.landed', '6.26')
            ->assertJsonPath('data.0.currency', 'GBP');
        $this->ask('items')->assertJsonPath('data.0.cost', '5.40')->assertJsonPath('data.0.landings.0.market', 'GB');
        $this->ask('runs')->assertJsonPath('data.2.left_out', 1)->assertJsonPath('data.2.supplier', 'Kilnfold');
    }

    public function test_without_a_good_token_nothing_is_told(): void
    {
        $answer = $this->get('http://'.config('stall.workshop_host').'/api/v1/listings')
            ->assertStatus(401)
            ->assertJsonPath('message', 'A token is needed that is known here: "Authorization: Bearer TOKEN".')
            ->assertHeader('WWW-Authenticate', 'Bearer realm="Window Stall"');
        self::assertDescribed($answer, 'get', '/listings');
        $this->token = 'stall_1|nonsense';
        $this->ask('items')
            ->assertStatus(401)
            ->assertHeader('WWW-Authenticate', 'Bearer realm="Window Stall", error="invalid_token"');
        self::assertSame(1, Artisan::call('stall:token', ['handle' => 'no-such-stall']));
    }

    public function test_what_isnt_there_and_the_wrong_method_are_said_as_described(): void
    {
        $this->withToken($this->token);
        $history = $this->getJson(route('api.history', 999_999))->assertNotFound();
        self::assertDescribed($history, 'get', '/listings/{listing}/history');
        $this->getJson('http://'.config('stall.workshop_host').'/api/v1/nothing')
            ->assertNotFound()
            ->assertExactJson(['message' => 'There is nothing at this address.']);
        $wrong = $this->deleteJson(route('api.prices'))->assertStatus(405);
        self::assertDescribed($wrong, 'get', '/prices');
        self::assertStringContainsString('GET', (string) $wrong->headers->get('Allow'));
    }

    public function test_who_asks_too_often_is_told_when_to_ask_again(): void
    {
        $key = md5('api'.'api:'.hash('xxh128', $this->token));
        RateLimiter::increment($key, 60, Refusals::IN_A_MINUTE - 1);
        $this->ask('runs')->assertOk();
        $answer = $this->ask('runs')->assertStatus(429);
        self::assertDescribed($answer, 'get', '/runs');
        self::assertEqualsWithDelta(30, (int) $answer->headers->get('Retry-After'), 31);
    }

    public function test_no_answer_to_a_program_speaks_of_screens(): void
    {
        $document = (string) json_encode([OpenApi::document()['paths'], Refusals::responses()], JSON_UNESCAPED_UNICODE);
        self::assertDoesNotMatchRegularExpression('/\b(page (again|was)|screen|click|sign(ed)? (in|out)|button)\b/i', $document);
    }

    public function test_a_token_is_made_in_the_settings_shown_once_and_ended(): void
    {
        $this->signIn();
        $token = $this->postJson(route('tokens.store', $this->stall), ['name' => 'Stock sheet'])
            ->assertOk()
            ->json('token');
        $this->postJson(route('tokens.store', $this->stall), ['name' => ''])->assertStatus(422);
        $this->get(route('settings', $this->stall))
            ->assertInertia(
                fn ($page) => $page->has('settings.tokens', 2)->where('settings.tokens.0.name', 'Stock sheet'),
            )
            ->assertDontSee($token);
        $id = (int) $this->stall->tokens()->where('name', 'Stock sheet')->value('id');
        $this->delete(route('tokens.destroy', [$this->world->stall(), $id]));
        self::assertSame(2, $this->stall->tokens()->count(), 'another stall can’t end it');
        $this->delete(route('tokens.destroy', [$this->stall, $id]));
        auth()->forgetGuards();
        $this->token = $token;
        $this->ask('listings')->assertStatus(401);
    }

    public function test_parameters_that_cant_be_read_get_a_sentence(): void
    {
        $this->ask('items', ['limit' => 0])
            ->assertStatus(422)
            ->assertJsonPath('message', 'limit: A whole number from 1 to 200 belongs here.')
            ->assertJsonPath('errors.limit.0', 'A whole number from 1 to 200 belongs here.');
        self::assertDescribed($this->ask('items', ['after' => 'x'])->assertStatus(422), 'get', '/items');
        $odd = $this->ask('drift', ['standing' => 'lying'])->assertStatus(422);
        self::assertDescribed($odd, 'get', '/drift');
        $this->ask('prices', ['market' => 'ZZ'])
            ->assertStatus(422)
            ->assertJsonPath('message', 'market: One of these belongs here: GB.');
    }

    public function test_the_description_is_openapi_3_1_and_names_every_address_of_the_interface(): void
    {
        $document = $this->get(route('api.openapi'))->assertOk()->json();
        self::assertSame('3.1.0', $document['openapi']);
        $routes = collect(app('router')->getRoutes()->getRoutes())
            ->filter(
                static fn ($r): bool => str_starts_with($r->uri(), 'api/v1/') && $r->uri() !== 'api/v1/openapi.json',
            )
            ->map(static fn ($r): string => '/'.substr($r->uri(), 7))
            ->unique()
            ->sort()
            ->values()
            ->all();
        self::assertSame($routes, collect(array_keys($document['paths']))->sort()->values()->all());
    }

    /**
     * @param  array<string, int|string>  $query
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function ask(string $list, array $query = []): TestResponse
    {
        return $this->withToken($this->token)->getJson(route('api.'.$list, $query));
    }
}
