<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\Http;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Finder\Finder;
use WindowStall\Source\Connectors\Access;
use WindowStall\Source\Connectors\Oakum\OakumConnector;
use WindowStall\Source\Connectors\SupplierTrouble;
use WindowStall\Source\Connectors\Tannet\TannetConnector;
use WindowStall\Support\Outbound\PublicAddress;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;

/** Nobody sends the workshop into its own network, by whatever way an address is written. */
final class OutsideTest extends AppTestCase
{
    #[TestWith(['127.0.0.1'])]
    #[TestWith(['10.1.2.3'])]
    #[TestWith(['169.254.169.254'])]
    #[TestWith(['100.64.0.1'])]
    #[TestWith(['100.127.255.255'])]
    #[TestWith(['198.18.0.1'])]
    #[TestWith(['198.19.255.255'])]
    #[TestWith(['192.0.0.9'])]
    #[TestWith(['192.88.99.1'])]
    #[TestWith(['224.0.0.1'])]
    #[TestWith(['239.255.255.255'])]
    #[TestWith(['255.255.255.255'])]
    #[TestWith(['0.0.0.0'])]
    #[TestWith(['[::1]'])]
    #[TestWith(['[::]'])]
    #[TestWith(['[::ffff:127.0.0.1]'])]
    #[TestWith(['[::ffff:7f00:1]'])]
    #[TestWith(['[::127.0.0.1]'])]
    #[TestWith(['[64:ff9b::7f00:1]'])]
    #[TestWith(['[64:ff9b:1::7f00:1]'])]
    #[TestWith(['[2002:7f00:1::]'])]
    #[TestWith(['[2002:808:808::]'])]
    #[TestWith(['[64:ff9b::808:808]'])]
    #[TestWith(['[64:ff9b:1::808:808]'])]
    #[TestWith(['[100:0:0:1::1]'])]
    #[TestWith(['[3fff::1]'])]
    #[TestWith(['[5f00::1]'])]
    #[TestWith(['[2001::1]'])]
    #[TestWith(['[2001:db8::1]'])]
    #[TestWith(['[fc00::1]'])]
    #[TestWith(['[fe80::1]'])]
    #[TestWith(['[fec0::1]'])]
    #[TestWith(['[ff02::1]'])]
    #[TestWith(['localhost'])]
    public function test_private_and_special_addresses_are_refused(string $host): void
    {
        $this->expectException(Refusal::class);
        PublicAddress::of('https://'.$host.'/goods');
    }

    #[TestWith(['8.8.8.8'])]
    #[TestWith(['[2606:4700::1111]'])]
    public function test_public_ones_are_called_at_the_machine_that_was_checked(string $host): void
    {
        $address = PublicAddress::of('https://'.$host.'/goods');
        self::assertSame(
            [sprintf('%s:443:%s', trim($host, '[]'), $host)],
            $address->options()['curl'][CURLOPT_RESOLVE],
        );
        self::assertFalse($address->options()['allow_redirects']);
    }

    #[TestWith(['http://oakum.standins.localhost:8422/'], 'another port')]
    #[TestWith(['http://standins.localhost:%d/'], 'not one of them')]
    #[TestWith(['http://evil.standins.localhost:%d/'], 'a name of nobody')]
    #[TestWith(['http://oakum.standins.localhost.evil.example:%d/'], 'only looks like it')]
    #[TestWith(['http://workshop.localhost:%d/'], 'the workshop itself')]
    public function test_the_exception_for_stand_ins_is_their_exact_hosts_and_port(string $address): void
    {
        $port = (int) ltrim((string) config('stall.port_suffix'), ':');
        self::assertSame($port, PublicAddress::of(config('stall.oakum.address').'/v1')->port);
        $this->expectException(Refusal::class);
        PublicAddress::of(sprintf($address, $port));
    }

    public function test_a_program_that_runs_without_stand_ins_doesnt_know_them(): void
    {
        config(['stall.standins.run' => false]);
        $this->expectException(Refusal::class);
        PublicAddress::of((string) config('stall.oakum.address'));
    }

    /** @param  class-string<OakumConnector|TannetConnector>  $connector */
    #[TestWith([OakumConnector::class])]
    #[TestWith([TannetConnector::class])]
    public function test_every_connector_asks_before_it_calls(string $connector): void
    {
        Http::fake();
        foreach (
            ['https://127.0.0.1:54820', 'https://[::ffff:127.0.0.1]', 'http://workshop.localhost:8421'] as $address
        ) {
            try {
                (new $connector())->check(new Access($address, 'key'));
                self::fail($address);
            } catch (SupplierTrouble $trouble) {
                self::assertFalse($trouble->passing);
            }
        }
        Http::assertNothingSent();
    }

    public function test_there_is_one_way_out(): void
    {
        $others = [];
        foreach (
            (new Finder())
                ->files()
                ->in(base_path('app'))
                ->name('*.php')
                ->notPath('Support/Outbound') as $file
        ) {
            if (
                preg_match(
                    '/Facades\\\\Http;|new (Guzzle|\\\\GuzzleHttp\\\\)?Client\b|curl_init|fsockopen|stream_socket_client|file_get_contents\(\s*[\'"]https?:/',
                    $file->getContents(),
                ) === 1
            ) {
                $others[] = $file->getRelativePathname();
            }
        }
        self::assertSame([], $others, 'calls go out through Support\\Outbound\\Outside');
    }
}
