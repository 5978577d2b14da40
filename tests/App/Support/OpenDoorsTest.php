<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Process\Process;
use WindowStall\Tests\App\AppTestCase;

/** What answers a stranger, on each kind of host. Whoever adds a door without a lock adds it here, with the reason. */
final class OpenDoorsTest extends AppTestCase
{
    private const WORKSHOP = [
        // Whether all is well; says nothing else.
        'GET /up',
        // The names of routes for the scripts; the same for everyone.
        'GET /routes.js',
        'GET /sign-in',
        'POST /sign-in',
        'GET /sign-up',
        'POST /sign-up',
        'GET /password/forgotten',
        'POST /password/forgotten',
        'GET /password/new/{token}',
        'POST /password/new',
        // The description of the interface for programs; the same for everyone.
        'GET /api/v1/openapi.json',
        // Suppliers sign what they say.
        'POST /hooks/supplier/{publicId}',
        'POST /hooks/payment/{publicId}',
    ];

    private const SHOP = [
        // Into a closed shop, by an address signed for its keepers.
        'GET /enter',
        'GET /',
        'GET /goods/{slug}',
        'GET /goods/{slug}/said',
        'GET /basket',
        'GET /basket/from/{link}',
        'POST /basket',
        'POST /basket/codes',
        'POST /basket/from/{link}',
        'POST /basket/link',
        'POST /basket/set',
        'POST /basket/where',
        'POST /basket/{line}',
        'GET /checkout',
        'POST /checkout/express',
        'GET /orders/{token}/papers/{paper}',
        'GET /orders/{token}/papers/{paper}.pdf',
        'GET /checkout/express',
        'POST /checkout',
        // At an address nobody can guess.
        'GET /orders',
        'GET /orders/mine/{sealed}',
        'GET /orders/{token}',
        'GET /orders/{token}/pay',
        'GET /orders/{token}/paid',
        // All goods, and those under a tag; an address a shopper leaves.
        'GET /goods',
        'GET /tagged/{tag}',
        'GET /shelves',
        'GET /shelves/{slug}',
        'GET /search',
        'GET /search/suggest',
        // What the seller wrote, and policies; a letter a shopper writes.
        'GET /pages/{slug}',
        'GET /notes',
        'GET /notes.atom',
        'GET /notes/{slug}',
        'GET /policies/{kind}',
        'POST /orders',
        'POST /orders/{token}/returns',
        'POST /orders/{token}/address',
        'POST /orders/{token}/addition',
        'POST /orders/{token}/cancel',
        'POST /orders/{token}/files/{line}',
        'GET /orders/{token}/said',
        'POST /orders/{token}/said',
        'POST /grown-up',
        'POST /letters',
        // What isn't there, in the shop's look.
        'GET /{fallbackPlaceholder}',
        // What goes along when they are shared.
        'GET /shared/front.jpg',
        'GET /shared/goods/{slug}.jpg',
        'GET /shared/shelves/{slug}.jpg',
        // For search engines.
        'GET /robots.txt',
        'GET /sitemap.xml',
        'GET /sitemap-{part}.xml',
        // For programs that list the goods elsewhere.
        'GET /goods.json',
        'GET /goods-{part}.json',
        'GET /runs-beside',
        'POST /runs-beside',
        'GET /runs-beside/frame',
        'GET /look-in/{code}',
        'POST /look-in',
        'POST /sign-up',
        'POST /back',
        'POST /ask',
        // By the signed address at the foot of a mail.
        'GET /no-more-mail',
        'POST /no-more-mail',
        // What shoppers look around in, as another market has it.
        'GET /{market}',
        'GET /{market}/goods',
        'GET /{market}/goods/{slug}',
        'GET /{market}/goods/{slug}/said',
        'GET /{market}/notes',
        'GET /{market}/notes.atom',
        'GET /{market}/notes/{slug}',
        'GET /{market}/pages/{slug}',
        'GET /{market}/policies/{kind}',
        'GET /{market}/search',
        'GET /{market}/search/suggest',
        'GET /{market}/shelves',
        'GET /{market}/shelves/{slug}',
        'GET /{market}/sitemap.xml',
        'GET /{market}/sitemap-{part}.xml',
        'GET /{market}/goods.json',
        'GET /{market}/goods-{part}.json',
        'GET /{market}/tagged/{tag}',
        // By a signed address only.
        'GET /preview/galley',
        'GET /preview/look',
        'GET /preview/pages/{page}',
        'GET /preview/revisions/{revision}',
        'GET /preview/goods/{listing}',
        'GET /preview/first/{firstShop}/{way}',
        'GET /preview/first/{firstShop}/{way}/goods',
        // At an address that was given to somebody, until it is taken back.
        'GET /seen/{secret}',
    ];

    #[TestWith(['production'], 'as bin/start runs it')]
    #[TestWith(['local'], 'as a framework would have it for its developers')]
    public function test_only_these_routes_answer_without_a_sign_in(string $environment): void
    {
        $open = ['workshop' => [], 'shop' => []];
        foreach ($this->routes($environment) as $route) {
            $verb = explode('|', $route['method'])[0].' /'.ltrim($route['uri'], '/');
            $host = match (true) {
                $route['domain'] === config('stall.workshop_host') => 'workshop',
                $route['domain'] === '{shop}.'.config('stall.shops_host') => 'shop',
                // The simulated outside: open to everybody, and nothing of ours.
                str_ends_with((string) $route['domain'], (string) config('stall.standins_host')) &&
                    preg_match('/^(WindowStall\\\\Standins\\\\|Closure)/', $route['action']) === 1 => null,
                default => self::fail($verb.' answers at every host, whoever asks.'),
            };
            if ($host !== null && preg_grep('/Authenticate\b/', $route['middleware']) === []) {
                $open[$host][] = $verb;
            }
        }
        self::assertEqualsCanonicalizing(self::WORKSHOP, $open['workshop']);
        self::assertEqualsCanonicalizing(self::SHOP, $open['shop']);
    }

    public function test_the_frameworks_recorder_is_off_at_every_host(): void
    {
        $stall = $this->world->stall();
        foreach ([route('sign-in'), $stall->shopAddress('/'), (string) config('stall.oakum.address')] as $address) {
            $origin = preg_replace('#^(https?://[^/]+).*$#', '$1', $address);
            $this->get($origin.'/_inertia/devtools/entries')
                ->assertNotFound()
                ->assertCookieMissing((string) config('session.cookie'));
        }
    }

    /**
     * @return list<array{domain: string|null, method: string, uri: string, action: string, middleware: list<string>}>
     */
    private function routes(string $environment): array
    {
        $list = new Process(['php', 'artisan', 'route:list', '--json'], base_path(), [
            'APP_ENV' => $environment,
            'APP_ROUTES_CACHE' => '/none',
        ]);
        $list->mustRun();

        return json_decode($list->getOutput(), true, flags: JSON_THROW_ON_ERROR);
    }
}
