<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** The whole job, once: a supplier's item becomes a listing, a shopper buys it on a phone, and it is posted. */
final class FromItemToParcelTest extends BrowserTestCase
{
    public function test_a_first_day_seller_sells_a_trowel(): void
    {
        $desk = $this->desk();
        $handle = $this->newStallByHand($desk);
        $desk->readsForEveryone('Source');
        $desk->see('64 items');
        $desk
            ->write('Find by words, SKU or barcode', 'mini trowel scoop')
            ->click('[data-item="OD-1009"] td:nth-child(3) button');
        $desk
            ->see('Landed, by pieces in one parcel')
            ->see('None lies in the United Kingdom: it comes from China in 15 to 25 days.')
            ->readsForEveryone('an item’s sheet')
            ->press('Close');
        $this->take($desk, 'mini trowel scoop', 'OD-1009');

        $this->prepare($desk);
        $this->open($desk, $handle);
        $this->buy($handle);
        $this->post($desk, $handle);
    }

    private function prepare(Page $desk): void
    {
        $desk->write('Title', 'Potting scoop')->key(Page::ENTER);
        $desk->waitFor('h1', 'Potting scoop')->see('let it follow');
        $desk->write('Words', 'Narrow enough for a seed tray.')->key(Page::TAB);
        $desk->write('Your name for STL-01', 'Steel')->key(Page::TAB);
        $desk->see('Steel · Narrow')->waitFor('[data-lack]', 'Shoppers would read');
        foreach (['Clr' => 'Finish', 'CPR-02' => 'Copper', 'GRN-05' => 'Green'] as $code => $name) {
            $desk->write('Your name for '.$code, $name)->key(Page::TAB);
        }

        $desk->write('Price of Steel · Narrow', '0.50');
        $desk->waitFor('[data-till="price"]', '£0.50')->see('You lose');
        $desk->write('Price of Steel · Narrow', '12.5');
        $desk->waitFor('[data-till="price"]', '£12.50');
        $desk->key(Page::ENTER)->see('by hand');
        self::assertSame('£12.50', $desk->css('[data-till="price"]')->getText());

        $desk->until(
            fn (): bool => ! str_contains($desk->text(), 'Being fetched') && ! $desk->has('[data-lack]'),
            'for the pictures',
        );
        $desk->readsForEveryone('a listing');
        $desk->press('Put in the window')->see('It is in the window.')->see('in the window · from Oakum Depot');
    }

    private function open(Page $desk, string $handle): void
    {
        $phone = $this->phone();
        $shop = self::url($handle.'.shops.localhost');
        $phone->open($shop)->see('This shop isn’t open yet.')->readsForEveryone('a closed shop');
        self::assertStringNotContainsString('Potting scoop', $phone->text());
        // Whoever works in the stall sees it whole.
        $desk->open(self::workshop('/at/'.$handle.'/window/shop'))->see('Potting scoop');
        $this->letShoppersIn($desk, $handle);
        $phone->open($shop)->see('Potting scoop');
    }

    private function buy(string $handle): void
    {
        $phone = $this->phone();
        $phone
            ->open(self::url($handle.'.shops.localhost'))
            ->see('Potting scoop')
            ->readsForEveryone('the shop’s front page');
        $phone->click('.good a')->see('Narrow enough for a seed tray.')->readsForEveryone('a product page');
        $phone->click('.pill:first-child input + span')->waitFor('[data-price]', '£12.50');
        $phone->press('Put in basket')->see('£15.45')->readsForEveryone('the basket');
        self::assertSame('1', $phone->css('[data-basket-count]')->getText());
        $phone->press('Go to checkout')->see('of which VAT, 20%')->readsForEveryone('the checkout');
        $phone
            ->write('E-mail, for the parcel’s news', 'ines@fennimore.example')
            ->write('Name', 'Ines Fennimore')
            ->write('House and street', '4 Pound Row')
            ->write('Town', 'Aldermere')
            ->write('Postcode', 'AL4 7QT');
        $phone->click('[data-pay]')->see('Pay £')->readsForEveryone('the payment, in a frame');
        $phone->within('.pay-frame')->see('approves at once')->click('#pay')->whole();
        $phone->see('Thank you, Ines Fennimore')->see('Ordered and paid')->readsForEveryone('the order’s page');
    }

    private function post(Page $desk, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/counter'))->see('1001')->readsForEveryone('Counter');
        $desk->press('1001')->see('Ines Fennimore');
        $desk->until(fn (): bool => $desk->has('[data-state="sent"]'), 'for the order to reach the supplier');
        $number = (string) $desk->script('return document.body.innerText.match(/their number (\d+)/)[1]');

        $supplier = $this->desk();
        $supplier->open(self::url('oakum.standins.localhost'))->readsForEveryone('the supplier’s page');
        $form = 'form[action$="/play/orders/'.$number.'"] ';
        $supplier
            ->click($form.'[value="accept"]')
            ->see('Order '.$number.' is accepted.')
            ->click($form.'[value="post"]')
            ->see('Order '.$number.' is posted.');

        $desk->until(fn (): bool => $desk->has('[data-state="posted"]'), 'for the news of the posting');
        self::assertMatchesRegularExpression('/^LF\d+GB$/', $desk->css('[data-tracking]')->getText());
        // 15.45 gross: VAT 2.58, fee 0.43; goods 2.60 USD → 2.10; one parcel from Germany by Economy.
        self::assertMatchesRegularExpression('/^£\d+\.\d\d$/', $desk->css('[data-strip="keeps"]')->getText());
        $desk->readsForEveryone('an order');
        $tracking = $desk->css('[data-tracking]')->getText();
        $desk->open((string) $desk->css('a[href*="/orders/"]')->getAttribute('href'))->see($tracking);
    }
}
