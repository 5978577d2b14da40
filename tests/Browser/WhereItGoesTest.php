<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use WindowStall\Tests\Browser\Support\Page;

/**
 * A place abroad, a code and a way to pay are said as sentences; a shopper on a phone buys two parcels there, in euros,
 * delivered for nothing and paid by transfer.
 */
final class WhereItGoesTest extends BrowserTestCase
{
    public function test_a_place_is_said_tried_and_sold_to(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->putInTheWindow($desk, 'slate plant labels', 'OD-1017', 'Slate labels');
        $desk->open(self::workshop('/at/'.$handle.'/source'));
        // It lies in Germany, the labels in the United Kingdom and in China.
        $this->putInTheWindow($desk, 'copper hand fork', 'OD-1010', 'Copper fork');

        $desk->open(self::workshop('/at/'.$handle.'/delivery'))->see('Slate labels');
        $desk->see('The United Kingdom, the whole of it.')->see('You keep');
        $this->makeIreland($desk);
        $desk->choose('It goes to', 'Ireland')->see('Ireland, the whole of it.')->see('The shopper pays £6.50; from £80.00 on it costs nothing.');
        $desk->see('What you keep, by place')->readsForEveryone('where it goes');

        $desk->open(self::workshop('/at/'.$handle.'/codes'))->press('Make a code')->write('Code', 'beans 10')->press('Make it');
        $desk->see('10% off everything')->see('runs')->readsForEveryone('codes');

        $this->priceIrelandInEuros($desk, $handle);
        $desk->open(self::workshop('/at/'.$handle.'/counter/payment'))->see('Tried out only')->readsForEveryone('how shoppers pay');
        $desk->click('[data-method=transfer] button')->press('offered')->press('Say it')->see('By bank transfer, to everybody');
        $desk->open(self::workshop('/at/'.$handle.'/pricing/taxes'))->see('Ireland takes 23% inside the price');
        $desk->readsForEveryone('taxes');

        $phone = $this->phone();
        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');
        $phone->open($shop.'/ie/goods/slate-labels')->see('€')->see('United Kingdom, GBP')->readsForEveryone('goods in euros');
        $phone->click('[value="Set of 12"] + span')->click('[data-buy]')->see('Go to checkout')->see('Delivery to Ireland');
        $phone->click('.code summary')->css('#code')->sendKeys('beans10');
        $phone->press('Use it')->see('Code BEANS10, 10% off')->readsForEveryone('a basket with a code');
        $phone->open($shop.'/ie/goods/copper-fork')->click('[data-buy]')->see('It comes in 2 parcels, if you order today:');
        self::assertStringNotContainsString('£', $phone->text());
        $this->reachFreeDelivery($phone);
        $phone->click('a[href="/checkout"]')->see('Where to?');
        $phone->css('#name')->sendKeys('Orla Finnegan');
        $phone->choose('Country', 'United Kingdom')->see('Delivery to the United Kingdom')->see('£');
        $phone->choose('Country', 'Ireland')->see('Delivery to Ireland');
        self::assertSame('Orla Finnegan', $phone->css('#name')->getAttribute('value'), 'what was typed stays');
        $this->keepWhatIsChosenMeanwhile($phone);
        foreach (['street' => '2 Quay Row', 'town' => 'Kilbrannan', 'postcode' => 'D02 AF3', 'email' => 'orla@finnegan.example'] as $field => $typed) {
            $phone->css('#'.$field)->sendKeys($typed);
        }
        $phone->click('[data-pay]')->see('That is no postcode of Ireland.');
        $phone->readsForEveryone('a checkout with something wrong');
        $phone->css('#postcode')->sendKeys('0');
        $phone->click('[data-pay]')->press('Order the transfer')->see('What you bought is kept for you.');
        $phone->readsForEveryone('an order whose transfer is under way');
        // Days later the bank pays, and the payment service tells the shop.
        $desk->open(self::url('payment.standins.localhost', '/'))->press('The bank pays');
        $phone->until(static function () use ($phone): bool {
            $phone->driver->navigate()->refresh();

            return str_contains($phone->text(), 'Thank you, Orla Finnegan');
        }, 'the order is paid');
        $this->buyInGerman($desk, $phone, $handle);
    }

    private function putInTheWindow(Page $desk, string $words, string $code, string $title): void
    {
        $this->take($desk, $words, $code);
        $desk->write('Title', $title)->key(Page::ENTER)->waitFor('h1', $title);
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
    }

    private function reachFreeDelivery(Page $phone): void
    {
        $phone->see('more, and delivery is free.')->readsForEveryone('a basket of two parcels');
        $phone->css('.line:last-child [name=quantity]')->sendKeys([WebDriverKeys::CONTROL, 'a'])->sendKeys(['3', WebDriverKeys::TAB]);
        $phone->until(static fn (): bool => ! $phone->has('.to-free'), 'it is enough');
        $phone->waitFor('[data-delivery]', 'free')->see('It comes in 2 parcels, if you order today:');
    }

    /** While the page asks what another place costs, over a slow line, its shopper goes on. */
    private function keepWhatIsChosenMeanwhile(Page $phone): void
    {
        $phone->script(
            'const ask = window.fetch; window.fetch = async (...of) => { const answer = await ask(...of); '.
                'await new Promise((on) => setTimeout(on, 800)); return answer; }',
        );
        $phone->choose('Country', 'United Kingdom')->click('[name=news]')->click('[value=transfer] + span');
        $phone->see('Delivery to the United Kingdom')->choose('Country', 'Ireland')->see('Delivery to Ireland');
        self::assertSame(['1', 'transfer'], $phone->script('return [...document.querySelectorAll(":checked:is(input)")].map((i) => i.value)'));
    }

    /** The shop speaks German in Ireland, too, as far as its seller has said it; a shopper buys there in German. */
    private function buyInGerman(Page $desk, Page $phone, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/window/languages'))->see('You write in English');
        $desk->click('[data-market=IE] button')->click('[data-language=de]')->press('Say it')->see('/ie-de')->see('not said yet');
        $desk->click('[data-room="de/titles"]')->see('Names of goods, in German');
        $desk->css('li[data-phrase] textarea')->sendKeys('Schieferschilder')->sendKeys([WebDriverKeys::TAB]);
        $desk->css('li[data-phrase]:last-child textarea')->sendKeys('Kupferforke');
        $desk->click('#room')->until(static fn (): bool => str_contains($desk->text(), '✓'), 'it is kept');
        $desk->click('[data-room="de/choices"]')->see('Colours, sizes and kinds, in German');
        $desk->click('[data-draft]')->see('A draft');
        $desk->readsForEveryone('languages');

        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');
        $phone->open($shop.'/ie-de/goods/slate-labels')->see('Schieferschilder')->see('inkl. MwSt.');
        $phone->readsForEveryone('goods in German');
        $phone->click('[data-buy]')->see('Zur Kasse')->see('Versand (Irland)')->see('Schieferschilder');
        $phone->click('a[href="/checkout"]')->see('Wohin?');
        $typed = ['name' => 'Lena Öhl', 'street' => '2 Quay Row', 'town' => 'Kilbrannan'];
        foreach ($typed as $field => $one) {
            $phone->css('#'.$field)->sendKeys($one);
        }
        $phone->css('#email')->sendKeys('lena@oehl.example');
        $phone->readsForEveryone('a checkout in German')->click('[data-pay]')->see('zahlen');
        // Her bank asks once more whether it is her.
        $phone->within('.pay-frame')->see('approves at once')->click('[value=second]')->click('#pay')->whole()->click('#yes');
        $phone->see('Danke, Lena Öhl')->see('Bestellt und bezahlt');
        $phone->readsForEveryone('an order in German');
    }

    private function priceIrelandInEuros(Page $desk, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/pricing/costs'))->choose('Currency in Ireland', 'EUR');
        $desk->until(static fn (): bool => str_contains($desk->text(), 'up to end in'), 'it is kept');
        $desk->still();
    }

    private function makeIreland(Page $desk): void
    {
        $desk->click('[data-new-place]')->choose('It holds', 'Ireland')->press('Say it')->see('it goes not yet');
        $desk->click('[data-place="Ireland"] [data-part="way"]')->write('It costs', '6.50');
        $desk->write('Nothing for goods worth more than', '80')->press('Say it')->see('£6.50 once, however many parcels, nothing over £80');
        // What everything costs landed there is worked out by a run.
        $desk->until(static function () use ($desk): bool {
            $desk->driver->navigate()->refresh();
            $desk->see('What you keep, by place');

            return ! str_contains($desk->text(), 'not sent') && ! str_contains($desk->text(), 'unknown');
        }, 'goods can go to Ireland');
    }
}
