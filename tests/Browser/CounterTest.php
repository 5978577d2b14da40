<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/**
 * A day at the counter: one supplier refuses, another sends it, asked by mail; its carrier is followed; one piece comes back, part of
 * the money with it, and the books say what the order kept.
 */
final class CounterTest extends BrowserTestCase
{
    public function test_what_one_refuses_another_posts_and_one_piece_comes_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $at = fn (string $path): string => self::workshop('/at/'.$handle.'/counter'.$path);
        $this->take($desk, 'glass bell cloche', 'OD-1027');
        $desk->write('Title', 'Bell cloche')->key(Page::ENTER)->waitFor('h1', 'Bell cloche');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
        $this->kilnfoldByMail($desk, $handle, $at('/sharing'));

        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods/bell-cloche'))->click('[data-buy]')->see('Go to checkout');
        $this->pay($phone);
        $desk->open($at(''))->press('1001');
        $desk->until(fn (): bool => $desk->has('[data-state="sent"]'), 'for the order to reach Oakum');
        $number = (string) $desk->script('return document.body.innerText.match(/their number (\d+)/)[1]');
        $oakum = self::url('oakum.standins.localhost');
        $desk->open($oakum)->click('form[action$="/play/orders/'.$number.'"] [value="refuse"]')->see('Order '.$number.' is refused.');

        $desk->open($at(''))->see('One needs you.')->see('Oakum Depot can’t send Bell cloche')->see('Give the money back');
        $desk->readsForEveryone('the desk')->press('Send it from Kilnfold')->see('Nothing needs you.');
        $tracking = $this->postedByKilnfold($desk, $at(''));
        $this->there($desk, $at('/orders?q='.$tracking), $tracking);
        $this->oneComesBack($desk, $phone, $at(''));

        $desk->press('all of their orders')->see('of which you kept')->readsForEveryone('a person');
        $desk->press('People')->see('bought once')->readsForEveryone('people');
        $desk->open($at('/sharing'))->see('What was promised comes first')->readsForEveryone('how orders are shared out');
    }

    private function kilnfoldByMail(Page $desk, string $handle, string $sharing): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/source'))->click('[data-suppliers]')->press('Connect another supplier');
        $desk->click('a[href*="kind=feed"]')->write('What the supplier is called', 'Kilnfold');
        $desk->write('Address of the list', self::url('kilnfold.standins.localhost', '/trade/goods.csv'))->press('Read its first rows');
        $desk->see('What do Kilnfold’s columns mean?')->waitFor('[data-preview]', '14 items');
        $desk->write('What a parcel costs', 'GB; 2 kg; 4,85; 2-3'."\n".'GB; 30 kg; 12,50; 2-3');
        $desk->waitFor('[data-delivery]', 'Every variant can be delivered')->press('Save and pull the goods')->see('14 new');
        $desk->open($sharing)->see('no orders from here yet')->click('li:last-child a[href*="/by-mail/"]');
        $desk->write('Its address for orders', 'orders@kilnfold.example')->press('Send them so')->see('one table of what was ordered goes');
        $desk->readsForEveryone('orders by mail');
    }

    private function pay(Page $phone): void
    {
        $phone->css('[name=quantity]')->clear();
        $phone->css('[name=quantity]')->sendKeys('2'.Page::TAB);
        $phone->press('Go to checkout')->see('of which VAT, 20%');
        $typed = ['email' => 'ines@fennimore.example', 'name' => 'Ines Fennimore', 'street' => '4 Pound Row', 'town' => 'Aldermere', 'postcode' => 'AL4 7QT'];
        foreach ($typed as $field => $words) {
            $phone->css('#'.$field)->sendKeys($words);
        }
        $phone->click('[data-pay]')->see('Pay £')->within('.pay-frame')->see('approves at once')->click('#pay')->whole();
        $phone->see('Thank you, Ines Fennimore');
    }

    /** @return string its tracking */
    private function postedByKilnfold(Page $desk, string $counter): string
    {
        $desk->open($counter.'/sharing')->click('li:last-child a[href*="/by-mail/"]')->press('Mail today’s table now')->see('1 order');
        $kilnfold = self::url('kilnfold.standins.localhost');
        $desk->until(static function () use ($desk, $kilnfold): bool {
            $desk->open($kilnfold);

            return str_contains($desk->text(), 'Post all');
        }, 'for the table to arrive');
        $desk->press('Post all');
        $desk->until(static function () use ($desk, $counter): bool {
            $desk->open($counter.'/sharing')->click('li:last-child a[href*="/by-mail/"]')->press('Read its answers')->see('being read');
            $desk->open($counter)->press('1001')->see('Ines Fennimore');

            return $desk->has('[data-tracking]');
        }, 'for the answer to be read');
        $desk->see('Longfurrow Parcels');

        return $desk->css('[data-tracking]')->getText();
    }

    private function there(Page $desk, string $found, string $tracking): void
    {
        $carrier = self::url('carrier.standins.localhost');
        $desk->open($carrier)->readsForEveryone('the carrier’s page');
        $desk->click('form[action$="/play/parcels/'.$tracking.'"] [value="there"]')->waitFor('table', 'there ');
        $desk->open($found)->waitFor('[data-order="1001"]', 'Bell cloche')->readsForEveryone('all orders');
        $desk->press('1001')->see('Parcel 1');
        $desk->until(static function () use ($desk): bool {
            if ($desk->has('.text-see')) {
                return true;
            }
            $desk->press('ask now')->see('They are being asked.');
            $desk->driver->navigate()->refresh();

            return false;
        }, 'for the carrier to say that it is there');
    }

    private function oneComesBack(Page $desk, Page $phone, string $counter): void
    {
        $phone->driver->navigate()->refresh();
        $phone->see('there · ')->readsForEveryone('an order that is there');
        $phone->click('details.own summary')->css('input[name^=pieces]')->clear();
        $phone->css('input[name^=pieces]')->sendKeys('1');
        $phone->choose('Why', 'It is too small');
        $phone->readsForEveryone('what can be sent back')->click('form[action$="/returns"] button')->see('You asked to send back 1 × Bell cloche');

        $desk->open($counter)->see('Ines Fennimore sends 1 of 2 Bell cloche')->press('Say where it goes')->see('too small');
        $desk->write('Where it is sent', 'Bristol warehouse, 3 Dock Road')->click('[data-return="asked"] button')->see('on its way back');
        $phone->driver->navigate()->refresh();
        $phone->see('to Bristol warehouse, 3 Dock Road.');
        $desk->click('[data-return="awaited"] button')->see('came back, given back for')->see('Credit note C2');
        $desk->press('Give money back')->write('An amount besides', '1.00')->see('the order keeps');
        $desk->readsForEveryone('giving money back')->press('Give £1.00 back')->see('£1.00 is on its way back.');
        $desk->waitFor('[data-strip="reasons"]', 'given back, without its tax')->readsForEveryone('an order and its books');
        $phone->driver->navigate()->refresh();
        $phone->see('of this order went back the way it came.');
    }
}
