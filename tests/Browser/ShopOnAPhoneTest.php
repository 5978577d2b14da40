<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** What a shopper's phone gets: light, steady pages that need no script. */
final class ShopOnAPhoneTest extends BrowserTestCase
{
    private const MOST_BYTES = 150_000;

    /** Pixels, two rows of a fingertip each. */
    private const MOST_HEAD = 96;

    public function test_pages_are_light_steady_and_sell_without_a_script(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'slate plant labels', 'OD-1017');
        $desk->write('Title', 'Slate labels')->key(Page::ENTER)->waitFor('h1', 'Slate labels');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');

        foreach (['/', '/goods/slate-labels'] as $path) {
            $this->lightAndSteady($this->phone(), $shop.$path);
        }
        $this->buyWithoutScript($this->phone(script: false), $shop);
    }

    private function lightAndSteady(Page $phone, string $url): void
    {
        $phone->open($url)->see('Slate labels');
        $phone->still();
        $bytes = $phone->script(
            'return '.
                'performance.getEntriesByType("navigation").concat(performance.getEntriesByType("resource")).filter(e '.
                '=> !/\.(webp|jpg|png)/.test(e.name)).reduce((sum, e) => sum + e.encodedBodySize, 0)',
        );
        self::assertIsInt($bytes);
        self::assertGreaterThan(10_000, $bytes);
        self::assertLessThan(self::MOST_BYTES, $bytes, $url);
        $shift = $phone->driver->executeAsyncScript(
            'const done = arguments[0]; let sum = 0; new PerformanceObserver(list => { for (const e of '.
                'list.getEntries()) sum += e.value; }).observe({type: "layout-shift", buffered: true}); '.
                'setTimeout(() => done(sum), 400)',
        );
        self::assertEqualsWithDelta(0, $shift, 0.01, 'layout shift on '.$url);
        self::assertTrue(
            $phone->script('return document.documentElement.scrollWidth <= window.innerWidth'),
            'no sideways scrolling',
        );
        self::assertLessThanOrEqual(
            self::MOST_HEAD,
            $phone->script('return document.querySelector("[data-section]:has(header)").getBoundingClientRect().height'),
            'the head leaves the page to the goods',
        );
        self::assertTrue(
            $phone->script(
                'return [...document.images].every(i => i.hasAttribute("width") && i.hasAttribute("height"))',
            ),
        );
    }

    private function buyWithoutScript(Page $phone, string $shop): void
    {
        $phone->open($shop)->click('.good a');
        $phone->click('[value="Set of 12"] + span')->click('[data-buy]');
        $phone->click('a[href="/checkout"]');
        foreach (
            [
                'email' => 'bram@holloway.example',
                'name' => 'Bram Holloway',
                'street' => '17 Sluice Lane',
                'town' => 'Wexcombe',
                'postcode' => 'WX2 3DD',
            ] as $field => $typed
        ) {
            $phone->css('#'.$field)->sendKeys($typed);
        }
        $phone->click('[data-pay]');
        $phone->click('[value="declines"]')->click('#pay');
        self::assertStringContainsString(
            'The card was declined. Nothing was charged.',
            $phone->css('.trouble')->getText(),
        );
        $phone->click('a[href="/checkout"]');
        self::assertSame('17 Sluice Lane', $phone->css('#street')->getAttribute('value'), 'nothing has to be typed again');
        $phone->click('[data-pay]')->click('#pay');
        // How the payment stands is asked in the background; the page looks again by itself.
        $phone->see('Thank you, Bram Holloway');
    }
}
