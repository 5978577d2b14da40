<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use PHPUnit\Framework\TestCase;
use WindowStall\Tests\Browser\Support\Chrome;
use WindowStall\Tests\Browser\Support\Page;

/**
 * The real interface of the running test instance, in headless Chromium: a desk for the seller, a phone for the
 * shopper.
 */
abstract class BrowserTestCase extends TestCase
{
    private const KEY = 'oakum-quillet-key';

    private const STALL = [
        'country' => 'GB', 'home_market' => 'GB', 'currency' => 'GBP', 'vat' => '20', 'flat_delivery' => '2.95',
    ];

    /** @var list<Page> */
    private array $open = [];

    protected function tearDown(): void
    {
        foreach ($this->open as $page) {
            $page->driver->quit();
        }
        $this->open = [];
        parent::tearDown();
    }

    protected function desk(): Page
    {
        return $this->open[] = new Page(Chrome::desk());
    }

    protected function phone(bool $script = true): Page
    {
        return $this->open[] = new Page(Chrome::phone($script));
    }

    protected static function url(string $host, string $path = '/'): string
    {
        return 'http://'.$host.':'.(getenv('WINDOW_STALL_PORT') ?: '8424').$path;
    }

    protected static function workshop(string $path = '/'): string
    {
        return self::url('workshop.localhost', $path);
    }

    /** A person with a stall, connected with Oakum Depot: what the screens would ask, asked at once. */
    protected function newStall(Page $desk, string $name = 'Quillet', bool $connect = true): string
    {
        $handle = self::handle();
        $desk->open(self::workshop('/sign-up'));
        $this->ask($desk, '/sign-up', self::person($handle));
        $this->ask($desk, '/stalls', ['name' => $name, 'handle' => $handle] + self::STALL);
        $this->openShop($desk, $handle);
        if ($connect) {
            $oakum = ['kind' => 'oakum', 'address' => self::url('oakum.standins.localhost', ''), 'key' => self::KEY];
            $this->ask($desk, '/at/'.$handle.'/source/connections', $oakum);
        }
        $desk->open(self::workshop('/at/'.$handle.'/source'));
        $connect ? $this->awaitCatalogue($desk) : $desk->see('No supplier is connected yet');

        return $handle;
    }

    /** The same, all of it at the screen, but that the shop stays closed. */
    protected function newStallByHand(Page $desk, string $name = 'Quillet', bool $connect = true): string
    {
        $handle = self::handle();
        $person = self::person($handle);
        $desk
            ->open(self::workshop('/sign-up'))
            ->write('Your name', $person['name'])
            ->write('E-mail', $person['email'])
            ->write('Password', $person['password'])
            ->press('Sign up');
        $desk
            ->see('Set up a stall')
            ->write('Name of the stall', $name)
            ->write('Address of the shop', $handle)
            ->press('Set up the stall');
        $desk->see('No supplier is connected yet');
        if ($connect) {
            $desk
                ->press('Connect a supplier')
                ->click('a[href*="kind=oakum"]')
                ->write('Your key', self::KEY)
                ->press('Connect and pull the catalogue');
            $this->awaitCatalogue($desk);
        }

        return $handle;
    }

    /** Lets shoppers in for the first time, past what is left. */
    protected function letShoppersIn(Page $desk, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/window'))->press('Open the shop')->see('Looked at all of it just now');
        if ($desk->has('[data-stops="0"]')) {
            $desk->press('Open');
        } else {
            $desk->press('Open all the same')->click('[role=alertdialog] button:last-child');
        }
        $desk->see('Shoppers are let in.');
    }

    private function awaitCatalogue(Page $desk): void
    {
        $desk->until(fn (): bool => $desk->has('[data-item]') && ! $desk->has('progress'), 'for the catalogue');
    }

    private static function handle(): string
    {
        return 'b'.bin2hex(random_bytes(4));
    }

    /** @return array{name: string, email: string, password: string} */
    private static function person(string $handle): array
    {
        return ['name' => 'Ada', 'email' => $handle.'@quillet.example', 'password' => 'two-rows-of-leeks'];
    }

    /** Waits until a listing lacks nothing; the supplier's words and codes in it are said to be meant, as a person may. */
    protected function readyAsItIs(Page $desk): void
    {
        $desk->see('You say');
        $at = $desk->driver->getCurrentURL();
        $this->meantSo($desk, [(string) parse_url($at, PHP_URL_PATH)]);
        $desk->open($at)->see('You say');
        $desk->untilIn(300, fn (): bool => ! $desk->has('[data-lack]'), 'for the pictures');
    }

    /**
     * Says of suppliers' words on listings that they are meant so, as the button beside each of them does.
     *
     * @param  list<string>  $paths  of listings
     */
    protected function meantSo(Page $desk, array $paths): void
    {
        $desk->driver->executeAsyncScript(<<<'JS'
            const [paths, done] = arguments;
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            const headers = {'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token};
            const say = async (path) => {
                const {version, stands} = await (await fetch(path + '/view', {headers})).json();
                const meant = stands.lacks.flatMap((lack) => lack.meant);
                await fetch(path, {method: 'PATCH', headers, body: JSON.stringify({version, meant})});
            };
            Promise.all(paths.map(say)).then(() => done());
            JS, [$paths]);
    }

    /** As the button in Window does. */
    private function openShop(Page $desk, string $handle): void
    {
        $this->ask($desk, '/at/'.$handle.'/window/shop', ['open' => true, 'looked' => true], 'PUT');
    }

    /**
     * Sends what a form of the page would send; the answer leads elsewhere.
     *
     * @param  array<string, mixed>  $typed
     */
    private function ask(Page $desk, string $path, array $typed, string $method = 'POST'): void
    {
        $leads = $desk->driver->executeAsyncScript(<<<'JS'
            const [path, typed, method, done] = arguments;
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            fetch(path, {
                method,
                redirect: 'manual',
                headers: {'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token},
                body: JSON.stringify(typed),
            }).then(async (answer) => done(answer.type === 'opaqueredirect' ? '' : await answer.text()));
            JS, [$path, $typed, $method]);
        self::assertSame('', $leads, $path);
    }

    /** Takes the item of that code to the bench, from a search. */
    protected function take(Page $desk, string $search, string $code): void
    {
        $desk->write('Find by words, SKU or barcode', $search);
        $desk->until(fn (): bool => count($desk->all('[data-item]')) < 10, 'for the search');
        $desk->click('[data-item="'.$code.'"] td:last-child button');
        $desk->see('You say');
    }
}
