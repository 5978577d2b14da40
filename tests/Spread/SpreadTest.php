<?php

declare(strict_types=1);

namespace WindowStall\Tests\Spread;

use GuzzleHttp\Client;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Browser\Support\Chrome;
use WindowStall\Tests\Browser\Support\Page;

/**
 * Two web machines behind one that balances: whoever works on the one and whoever reads from the other see the same shop,
 * and nobody notices when one of them goes down.
 */
final class SpreadTest extends AppTestCase
{
    /** Seconds until something is on the other machine, at the most. */
    private const PATIENCE = 10.0;

    private Stall $stall;

    private Listing $listing;

    /** @var list<Page> */
    private array $open = [];

    /** @return list<string> what is written is read by other processes */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->listing = $this->world->inWindow($this->stall);
    }

    protected function tearDown(): void
    {
        foreach ($this->open as $page) {
            $page->driver->quit();
        }
        parent::tearDown();
    }

    public function test_what_is_changed_and_sent_on_one_machine_is_read_from_the_other(): void
    {
        $path = '/goods/'.$this->listing->slug;
        foreach ([1, 2] as $machine) {
            $this->until(fn (): bool => $this->ready($machine, $path), 'for the page to lie ready on machine '.$machine);
        }
        [$desk, $phone] = [$this->desk(1), $this->phone(2)];
        $phone->open($this->stall->shopAddress($path))->see($this->listing->shown_title);
        $desk
            ->open($this->workshop('/sign-in'))
            ->write('E-mail', $this->world->keeper()->email)
            ->write('Password', 'two-rows-of-leeks')
            ->click('button[type="submit"]')
            ->waitFor('nav', 'Bench')
            ->open($this->workshop('/at/'.$this->stall->handle.'/bench/'.$this->listing->id));

        $variant = $this->listing->variants()->orderBy('position')->firstOrFail();
        $desk->see('You say')->write('Price of '.ListingFigures::of($this->stall, $this->listing)->labelOf($variant->id), '12.34')->answered(
            static fn () => $desk->key(Page::ENTER),
        );
        $began = hrtime(true);
        $this->until(fn (): bool => str_contains($phone->open($this->stall->shopAddress($path))->text(), '£12.34'), 'for it');
        $after = (hrtime(true) - $began) / 1e6;
        fwrite(STDERR, sprintf("\n  A price changed on one machine stood on the other after %d ms.\n", $after));

        $desk->css('[data-upload]')->sendKeys($this->drawn());
        $ready = Picture::of($this->stall)->whereNull('source')->where('state', Picture::READY);
        $this->until(fn (): bool => $ready->exists(), 'for a worker to make its sizes', 60.0);
        foreach ([$phone, $this->phone(1)] as $shopper) {
            $shopper->open($this->stall->shopAddress('/media/'.$ready->firstOrFail()->path.'-640.jpg'));
            self::assertSame(640, $shopper->script('return document.images[0].naturalWidth'));
        }
        $other = $this->desk(2)->open($this->workshop('/up'));
        foreach ($desk->driver->manage()->getCookies() as $cookie) {
            $other->driver->manage()->addCookie($cookie);
        }
        // Who signed in on one is signed in on the other.
        $other->open($this->workshop('/at/'.$this->stall->handle.'/bench'))->see('In the window');
    }

    public function test_shoppers_dont_notice_when_a_machine_goes_down(): void
    {
        $pids = [];
        foreach (['nginx-1', 'php-fpm-1'] as $server) {
            $pids[$server] = (int) file_get_contents(base_path('var/spreadtest/pids/'.$server));
            posix_kill(-$pids[$server], SIGKILL);
        }
        $answers = [];
        for ($n = 0; $n < 60; $n++) {
            $answers[] = $this->client()->get($this->at(0, '/search?q=trowel'), [
                'headers' => ['Host' => $this->shopHost()],
            ])->getStatusCode();
        }
        self::assertSame(array_fill(0, 60, 200), $answers);
        foreach ($pids as $server => $pid) {
            $this->until(
                static fn (): bool => (int) file_get_contents(base_path('var/spreadtest/pids/'.$server)) !== $pid,
                'for '.$server.' to be started again',
                30.0,
            );
        }
        $this->until(fn (): bool => $this->shop(1, '/')->getStatusCode() === 200, 'for the machine to answer again', 30.0);
    }

    private function desk(int $machine): Page
    {
        return $this->open[] = new Page(Chrome::desk($this->port($machine)));
    }

    private function phone(int $machine): Page
    {
        return $this->open[] = new Page(Chrome::phone(port: $this->port($machine)));
    }

    /** @return string a picture's file */
    private function drawn(): string
    {
        $drawn = imagecreatetruecolor(900, 700);
        self::assertNotFalse($drawn);
        imagefilledellipse($drawn, 450, 350, 500, 300, (int) imagecolorallocate($drawn, 200, 80, 40));
        imagepng($drawn, $file = sys_get_temp_dir().'/ours-'.bin2hex(random_bytes(4)).'.png');

        return $file;
    }

    private function client(): Client
    {
        return new Client([
            'allow_redirects' => false,
            'http_errors' => false,
            'timeout' => 20,
        ]);
    }

    private function shop(int $machine, string $path): ResponseInterface
    {
        return $this->client()->get($this->at($machine, $path), ['headers' => ['Host' => $this->shopHost()]]);
    }

    /** Whether its web server has the page as a file; asking for it makes it. */
    private function ready(int $machine, string $path): bool
    {
        $this->shop($machine, $path);
        $host = $this->stall->handle.'.'.config('stall.shops_host');

        return is_file(base_path("var/spreadtest/machines/$machine/storage/pages/$host/current$path.html"));
    }

    private function workshop(string $path): string
    {
        return config('stall.scheme').'://'.config('stall.workshop_host').config('stall.port_suffix').$path;
    }

    private function shopHost(): string
    {
        return $this->stall->handle.'.'.config('stall.shops_host').config('stall.port_suffix');
    }

    private function at(int $machine, string $path): string
    {
        return 'http://127.0.0.1:'.$this->port($machine).$path;
    }

    /** @param  int  $machine  0 for the one that balances */
    private function port(int $machine): int
    {
        $balances = (int) ltrim((string) config('stall.port_suffix'), ':');

        return $machine === 0 ? $balances : $balances + 9 + $machine;
    }

    /** @param  callable(): bool  $is */
    private function until(callable $is, string $what, float $seconds = self::PATIENCE): void
    {
        for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(20_000)) {
            if ($is()) {
                return;
            }
        }
        self::fail('Waited in vain '.$what);
    }
}
