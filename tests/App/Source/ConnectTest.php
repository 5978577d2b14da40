<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Oakum\OakumConnector;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\SupplierConnection;
use WindowStall\Standins\Oakum\Books;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

final class ConnectTest extends AppTestCase
{
    public function test_a_good_key_connects_and_tells_the_supplier_where_to_send_news(): void
    {
        $stall = $this->world->stall();
        $connection = app(ConnectSupplier::class)(
            $stall,
            'oakum',
            (string) config('stall.oakum.address').'/',
            ' oakum-second-key ',
        );
        self::assertSame('Oakum Depot', $connection->name);
        $account = Books::table('accounts')->where('key', 'oakum-second-key')->firstOrFail();
        self::assertStringContainsString((string) $connection->account, $account->hook_address);
        self::assertSame($connection->secrets['hook'], $account->hook_secret);
        self::assertStringNotContainsString(
            'oakum-second-key',
            (string) $connection->getRawOriginal('secrets'),
            'the key is stored encrypted',
        );
    }

    public function test_a_wrong_key_a_dead_host_and_a_private_address_each_get_a_plain_answer(): void
    {
        $stall = $this->world->stall();
        $this->signIn();
        $try = fn (string $address, string $key) => $this->from(route('source.connect', $stall))->post(
            route('source.connections.store', $stall),
            ['kind' => 'oakum', 'address' => $address, 'key' => $key],
        );
        $try((string) config('stall.oakum.address'), 'no-such-key')->assertSessionHasErrors([
            'said' => 'Oakum Depot doesn’t know this key. Copy it again from your account there.',
        ]);
        $try('http://oakum.standins.localhost:9', 'x')->assertSessionHasErrors([
            'said' => 'Nothing answers at oakum.standins.localhost, where Oakum Depot should be. Check the address, '.
                'or try again later.',
        ]);
        $try('https://10.0.0.7', 'x')->assertSessionHasErrors([
            'said' => '10.0.0.7 lies in a private network; only public addresses are called.',
        ]);
        $try('http://supplier.example', 'x')->assertSessionHasErrors([
            'said' => 'An address that is called from here begins with https://.',
        ]);
        $try(
            'http://payment.standins.localhost:'.parse_url((string) config('app.url'), PHP_URL_PORT),
            'x',
        )->assertSessionHasErrors([
            'said' => 'What answers at this address isn’t Oakum Depot: its answer can’t be read.',
        ]);
        self::assertSame(0, SupplierConnection::of($stall)->count());
    }

    public function test_a_slow_host_is_given_up_in_time(): void
    {
        Books::set('slow', '1');
        try {
            $this->expectExceptionObject(SupplierTrouble::slow('Oakum Depot', 1));
            (new OakumConnector(1))->check(new Access((string) config('stall.oakum.address'), 'oakum-second-key'));
        } finally {
            Books::set('slow', '0');
        }
    }

    public function test_an_address_that_is_none_is_refused(): void
    {
        $this->expectException(Refusal::class);
        app(ConnectSupplier::class)($this->world->stall(), 'oakum', 'ftp://oakum', 'x');
    }
}
