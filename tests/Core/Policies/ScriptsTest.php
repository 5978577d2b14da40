<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Policies;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Policies\ScriptHosts;
use WindowStall\Core\Policies\ScriptRule;

/** Whom shoppers are asked about, and from where a page beside the shop may load. */
final class ScriptsTest extends TestCase
{
    public function test_shoppers_are_asked_where_the_law_wants_it(): void
    {
        foreach (['GB', 'IE', 'NL', 'NO', 'IS'] as $country) {
            self::assertSame(ScriptRule::Asked, ScriptRule::of($country), $country);
        }
        foreach (['US', 'JP', 'AU'] as $country) {
            self::assertSame(ScriptRule::Told, ScriptRule::of($country), $country);
        }
    }

    public function test_hosts_are_names_and_nothing_else(): void
    {
        self::assertSame(['count.example', '*.count.example'], ScriptHosts::read("Count.example, *.count.example\ncount.example"));
        self::assertSame([], ScriptHosts::read(' '));
        $none = ['*', 'localhost', '127.0.0.1', 'a.example/x', "a.example'; script-src *", 'https://a.example', 'a..example', '-a.example', '*.*.example'];
        foreach ($none as $bad) {
            self::assertNull(ScriptHosts::read($bad), $bad);
        }
        self::assertNull(ScriptHosts::read(implode(' ', array_map(static fn (int $n): string => "h$n.example", range(1, 13)))));
    }

    #[TestWith(['https://count.example/visit.js?x=1', 'count.example'])]
    #[TestWith(['http://count.example/visit.js', null])]
    #[TestWith(['https://me@count.example/', null])]
    #[TestWith(['https://count.example:8443/', null])]
    #[TestWith(['https://10.0.0.1/', null])]
    #[TestWith(['https://*.example/', null])]
    #[TestWith(['javascript:alert(1)', null])]
    #[TestWith(['', null])]
    public function test_an_address_has_a_host_of_its_own(string $address, ?string $host): void
    {
        self::assertSame($host, ScriptHosts::ofAddress($address));
    }

    public function test_what_runs_loads_from_its_hosts_and_sees_nothing_of_the_shop(): void
    {
        $policy = ScriptHosts::policy(['count.example', 'count.example', '*.ads.example']);
        self::assertContains('script-src https://count.example https://*.ads.example', $policy);
        self::assertContains("default-src 'none'", $policy);
        self::assertContains('sandbox allow-scripts', $policy);
    }
}
