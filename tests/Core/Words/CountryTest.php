<?php

declare(strict_types=1);

namespace WindowStall\Tests\Core\Words;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Intl\Countries;
use WindowStall\Core\Words\Country;

/** Countries in sentences. */
final class CountryTest extends TestCase
{
    public function test_some_have_an_article_and_most_dont(): void
    {
        $said = static fn (string $code): string => Country::said($code, Countries::getName($code, 'en'));

        self::assertSame('the United Kingdom', $said('GB'));
        self::assertSame('the Netherlands', $said('NL'));
        self::assertSame('Germany', $said('DE'));
        self::assertSame('Czechia', $said('CZ'));
    }

    public function test_whatever_is_united_or_several_islands_has_one(): void
    {
        foreach (Countries::getNames('en') as $code => $name) {
            $several = preg_match('/^(United|Isle) |Islands$|Maldives|Philippines|Republic$|Emirates/', $name) === 1 && ! str_contains($name, '&');
            if ($several) {
                self::assertStringStartsWith('the ', Country::said($code, $name), $code);
            }
            self::assertContains(Country::said($code, $name), [$name, 'the '.$name]);
        }
    }
}
