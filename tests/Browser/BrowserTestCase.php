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

    /** Signs up, sets up a stall and connects it with Oakum Depot, all at the screen. Gives the stall's handle. */
    protected function newStall(
        Page $desk,
        string $name = 'Quillet',
        bool $connect = true,
        bool $open = true,
    ): string {
        $handle = 'b'.bin2hex(random_bytes(4));
        $desk
            ->open(self::workshop('/sign-up'))
            ->write('Your name', 'Ada')
            ->write('E-mail', $handle.'@quillet.example')
            ->write('Password', 'two-rows-of-leeks')
            ->press('Sign up');
        $desk
            ->see('Set up a stall')
            ->write('Name of the stall', $name)
            ->write('Address of the shop', $handle)
            ->press('Set up the stall');
        $desk->see('No supplier is connected yet');
        if ($open) {
            $this->openShop($desk, $handle);
        }
        if ($connect) {
            $desk
                ->press('Connect a supplier')
                ->click('a[href*="kind=oakum"]')
                ->write('Your key', 'oakum-quillet-key')
                ->press('Connect and pull the catalogue');
            $desk->until(fn (): bool => $desk->has('[data-item]') && ! $desk->has('progress'), 'for the catalogue');
        }

        return $handle;
    }

    /** As the button in Window does. */
    private function openShop(Page $desk, string $handle): void
    {
        $status = $desk->driver->executeAsyncScript(<<<'JS'
            const [url, done] = arguments;
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            fetch(url, {
                method: 'PUT',
                redirect: 'manual',
                headers: {'Content-Type': 'application/json', 'X-XSRF-TOKEN': token},
                body: JSON.stringify({open: true}),
            }).then((answer) => done(answer.type));
            JS, ['/at/'.$handle.'/window/shop']);
        self::assertSame('opaqueredirect', $status);
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
