<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use WindowStall\Bench\ListingVariant;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/**
 * Against the running program of an instance of its own, with its real web server, workers and services; what is
 * written stays.
 */
abstract class FaultsTestCase extends AppTestCase
{
    /** @return list<string> */
    protected function connectionsToTransact(): array
    {
        return [];
    }

    protected function tearDown(): void
    {
        Books::set('slow', '0');
        parent::tearDown();
    }

    /** Someone at a browser: cookies kept, redirects not followed, every answer taken. */
    protected function visitor(): Client
    {
        return new Client([
            'cookies' => new CookieJar(),
            'allow_redirects' => false,
            'http_errors' => false,
            'timeout' => 30,
            'headers' => ['Accept' => 'application/json'],
        ]);
    }

    /** A seller who has signed in at the running program, and whose posts carry their token. */
    protected function seller(): Seller
    {
        return new Seller($this->visitor(), $this->workshop(''), $this->world->keeper()->email, 'two-rows-of-leeks');
    }

    protected function workshop(string $path): string
    {
        return config('stall.scheme').'://'.config('stall.workshop_host').config('stall.port_suffix').$path;
    }

    /** A listing in the window whose one variant lies on Oakum's shelves, so many pieces of it. */
    protected function onSale(Stall $stall, string $code, int $pieces): ListingVariant
    {
        $item = Items::item([Items::variant($code, 540, $pieces)], 'Sold '.$code, id: 'F-'.$code);
        $variant = $this->world->inWindow($stall, $item)->variants()->firstOrFail();
        Books::table('variants')->updateOrInsert(
            ['id' => $code],
            [
                'item_id' => 'OD-1007',
                'position' => 99,
                'sku' => $code,
                'barcode' => '2000000000000',
                'options' => '{}',
                'cost' => 540,
                'rrp' => 1,
                'grams' => 300,
                'stock' => json_encode(['GB' => $pieces]),
                'picture' => 0,
            ],
        );

        return $variant;
    }

    /** @param  callable(): bool  $is */
    protected function until(callable $is, string $what, int $seconds = 40): void
    {
        for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(150_000)) {
            if ($is()) {
                return;
            }
        }
        self::fail('Waited in vain '.$what);
    }

    /** Kills a process of the instance, and all it has made, as if the machine had. */
    protected function kill(string $name): void
    {
        $pid = (int) file_get_contents(base_path('var/faults/pids/'.$name));
        posix_kill(-$pid, SIGKILL);
        $this->until(
            fn (): bool => (int) file_get_contents(base_path('var/faults/pids/'.$name)) !== $pid,
            'for '.$name.' to be started again',
            20,
        );
    }
}
