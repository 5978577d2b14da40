<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** A seller who has nothing but a phone: from signing up to goods that are sold, then every screen of the workshop. */
final class OnAPhoneTest extends BrowserTestCase
{
    /** Presses and fields filled in from signing up to the order in Counter; a way that grows longer is a fault. */
    private const SELLERS = 26;

    /** What a shopper does from the front page to the paid order. */
    private const SHOPPERS = 10;

    private const SCREENS = [
        '/source', '/source/connect', '/bench', '/bench/grid', '/drift', '/pricing', '/pricing/costs', '/pricing/recipes',
        '/pricing/trial', '/pricing/taxes',
        '/codes', '/shelves', '/window', '/window/pages', '/window/languages', '/counter', '/counter/letters', '/counter/left',
        '/counter/payment', '/delivery', '/settings', '/opening', '/opening/seen',
    ];

    public function test_a_stall_is_opened_and_sells_from_a_phone_and_no_screen_scrolls_sideways(): void
    {
        $seller = $this->phone();
        $handle = $this->newStallByHand($seller);
        $this->take($seller, 'mini trowel scoop', 'OD-1009');
        $this->prepare($seller);
        $listing = (string) parse_url($seller->driver->getCurrentURL(), PHP_URL_PATH);
        $seller->press('Put in the window')->see('It is in the window.');
        $this->letShoppersIn($seller, $handle);

        $shopper = $this->buy($handle);
        $seller->open(self::workshop('/at/'.$handle.'/counter'))->press('1001')->see('Ines Fennimore');
        $order = (string) parse_url($seller->driver->getCurrentURL(), PHP_URL_PATH);

        printf("\n  On a phone: %d steps from signing up to a sale, %d to buy.\n", $seller->steps(), $shopper->steps());
        self::assertLessThanOrEqual(self::SELLERS, $seller->steps());
        self::assertLessThanOrEqual(self::SHOPPERS, $shopper->steps());

        foreach ([...self::SCREENS, $listing, $order] as $screen) {
            $path = str_starts_with($screen, '/at/') ? $screen : '/at/'.$handle.$screen;
            $seller->open(self::workshop($path));
            $seller->until(fn (): bool => $seller->has('main h1, main h2'), 'for '.$path);
            $this->assertFits($seller, $path);
        }
        $this->assertVoicesTakeTurns($seller, self::workshop($listing));
    }

    private function prepare(Page $seller): void
    {
        $seller->write('Title', 'Potting scoop')->key(Page::ENTER);
        $seller->write('Words', 'Narrow enough for a seed tray.')->key(Page::TAB);
        $names = ['Clr' => 'Finish', 'STL-01' => 'Steel', 'CPR-02' => 'Copper', 'GRN-05' => 'Green'];
        foreach ($names as $code => $name) {
            $seller->write('Your name for '.$code, $name)->key(Page::TAB);
        }
        $seller->untilIn(300, fn (): bool => ! $seller->has('[data-lack]'), 'for the pictures');
    }

    private function buy(string $handle): Page
    {
        $phone = $this->phone();
        $phone
            ->open(self::url($handle.'.shops.localhost'))
            ->click('.good a')
            ->see('Narrow enough for a seed tray.')
            ->press('Put in basket')
            ->press('Go to checkout')
            ->see('of which VAT, 20%')
            ->write('E-mail, for the parcel’s news', 'ines@fennimore.example')
            ->write('Name', 'Ines Fennimore')
            ->write('House and street', '4 Pound Row')
            ->write('Town', 'Aldermere')
            ->write('Postcode', 'AL4 7QT')
            ->click('[data-pay]')
            ->within('.pay-frame')
            ->see('approves at once')
            ->click('#pay')
            ->whole()
            ->see('Thank you, Ines Fennimore')
            ->see('Ordered and paid');

        return $phone;
    }

    /** Nothing stands beyond the right edge, but what scrolls in a frame of its own (WCAG 2.2, 1.4.10). */
    private function assertFits(Page $phone, string $where): void
    {
        self::assertSame(390, $phone->script('return innerWidth'), $where);
        self::assertSame(
            390,
            $phone->script(
                'return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)',
            ),
            $where,
        );
    }

    private function assertVoicesTakeTurns(Page $phone, string $listing): void
    {
        $phone->open($listing)->see('let it follow');
        foreach (['sup' => 'Supplier says', 'see' => 'Shopper sees', 'you' => 'You say'] as $voice => $name) {
            $phone->click('[data-read="'.$voice.'"]');
            $shown = array_map(
                static fn ($section): string => (string) $section->getAttribute('aria-label'),
                array_filter($phone->all('main section[aria-label]'), static fn ($section): bool => $section->isDisplayed()),
            );
            self::assertContains($name, $shown);
            self::assertCount(1, array_intersect(['Supplier says', 'You say', 'Shopper sees'], $shown), $name);
        }
    }
}
