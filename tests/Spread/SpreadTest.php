<?php

declare(strict_types=1);

namespace WindowStall\Tests\Spread;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Faults\Seller;

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

    private CookieJar $cookies;

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
        $this->cookies = new CookieJar();
    }

    public function test_what_is_changed_on_one_machine_is_read_from_the_other(): void
    {
        $path = '/goods/'.$this->listing->slug;
        foreach ([1, 2] as $machine) {
            $this->until(fn (): bool => $this->ready($machine, $path), 'for the page to lie ready on machine '.$machine);
        }

        $began = hrtime(true);
        $this->seller(1)->patchAsync('/at/'.$this->stall->handle.'/bench/'.$this->listing->id, [
            'title' => 'Another name for it',
            'version' => $this->listing->version,
        ])->wait();
        $this->until(
            fn (): bool => str_contains((string) $this->shop(2, $path)->getBody(), 'Another name for it'),
            'for the other machine to show it',
        );
        fwrite(STDERR, sprintf("\n  Changed on one machine, read from the other after %d ms.\n", (hrtime(true) - $began) / 1e6));

        self::assertStringContainsString('Another name for it', (string) $this->shop(1, $path)->getBody());
        self::assertSame(200, $this->seller(1)->get('/at/'.$this->stall->handle.'/bench')->getStatusCode());
        self::assertSame(200, $this->client(2)->get($this->workshop(2, '/at/'.$this->stall->handle.'/bench'), [
            'cookies' => $this->cookies,
        ])->getStatusCode(), 'who signed in on one is signed in on the other');
    }

    public function test_a_picture_that_was_sent_to_one_machine_is_served_by_both(): void
    {
        $drawn = imagecreatetruecolor(900, 700);
        self::assertNotFalse($drawn);
        imagefilledellipse($drawn, 450, 350, 500, 300, (int) imagecolorallocate($drawn, 200, 80, 40));
        ob_start();
        imagepng($drawn);
        $answer = $this->seller(1)->upload(
            '/at/'.$this->stall->handle.'/bench/'.$this->listing->id.'/pictures',
            'picture',
            'ours.png',
            (string) ob_get_clean(),
        );
        self::assertLessThan(300, $answer->getStatusCode(), (string) $answer->getBody());
        $picture = fn (): Picture => Picture::of($this->stall)->whereNull('source')->latest('id')->firstOrFail();
        $this->until(fn (): bool => $picture()->state === Picture::READY, 'for a worker to make its sizes', 60.0);

        $bytes = [];
        foreach ([1, 2] as $machine) {
            $served = $this->shop($machine, '/media/'.$picture()->path.'-640.jpg');
            self::assertSame([200, 'image/jpeg'], [$served->getStatusCode(), $served->getHeaderLine('Content-Type')]);
            $bytes[] = hash('xxh128', (string) $served->getBody());
        }
        self::assertSame($bytes[0], $bytes[1]);
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
            $answers[] = $this->client(0)->get($this->at(0, '/search?q=trowel'), [
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

    private function seller(int $machine): Seller
    {
        return new Seller(
            $this->client($machine),
            $this->workshop($machine, ''),
            $this->world->keeper()->email,
            'two-rows-of-leeks',
        );
    }

    private function client(int $machine): Client
    {
        return new Client([
            'cookies' => $this->cookies,
            'allow_redirects' => false,
            'http_errors' => false,
            'timeout' => 20,
            'headers' => ['Accept' => 'application/json'],
            // The workshop's name leads to the machine that balances; this one is asked itself.
            'curl' => [CURLOPT_CONNECT_TO => [sprintf('::127.0.0.1:%d', $this->port($machine))]],
        ]);
    }

    private function shop(int $machine, string $path): ResponseInterface
    {
        return $this->client($machine)->get($this->at($machine, $path), ['headers' => ['Host' => $this->shopHost()]]);
    }

    /** Whether its web server has the page as a file; asking for it makes it. */
    private function ready(int $machine, string $path): bool
    {
        $this->shop($machine, $path);
        $host = $this->stall->handle.'.'.config('stall.shops_host');

        return is_file(base_path("var/spreadtest/machines/$machine/storage/pages/$host/current$path.html"));
    }

    private function workshop(int $machine, string $path): string
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
