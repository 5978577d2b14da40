<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;
use WindowStall\Tests\Browser\Support\SharesOut;

/**
 * A day at the counter: one supplier refuses, another sends it, asked by mail; its carrier is followed; one piece comes back, part of
 * the money with it, and the books say what the order kept.
 */
final class CounterTest extends BrowserTestCase
{
    use SharesOut;

    public function test_what_one_refuses_another_posts_and_one_piece_comes_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $at = fn (string $path): string => self::workshop('/at/'.$handle.'/counter'.$path);
        $this->take($desk, 'glass bell cloche', 'OD-1027');
        $desk->write('Title', 'Bell cloche')->key(Page::ENTER)->waitFor('h1', 'Bell cloche');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
        $this->kilnfoldByMail($desk, $handle);
        $desk->readsForEveryone('orders by mail');

        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods/bell-cloche'))->click('[data-buy]')->see('Go to checkout');
        $phone->css('[name=quantity]')->clear();
        $phone->css('[name=quantity]')->sendKeys('2'.Page::TAB);
        $this->pay($phone);
        $desk->open($at(''))->press('1001');
        $desk->until(fn (): bool => $desk->has('[data-state="sent"]'), 'for the order to reach Oakum');
        $number = (string) $desk->script('return document.body.innerText.match(/their number (\d+)/)[1]');
        $oakum = self::url('oakum.standins.localhost');
        $desk->open($oakum)->click('form[action$="/play/orders/'.$number.'"] [value="refuse"]')->see('Order '.$number.' is refused.');

        $desk->open($at(''))->see('One needs you.')->see('Oakum Depot can’t send Bell cloche')->see('Give the money back');
        $desk->readsForEveryone('the desk')->press('Send it from Kilnfold')->see('Nothing needs you.');
        $this->postedByKilnfold($desk, $handle, 'KF-CLO');
        $desk->see('Longfurrow Parcels');
        $tracking = $desk->css('[data-tracking]')->getText();
        $this->there($desk, $at('/orders?q='.$tracking), $tracking);
        $this->oneComesBack($desk, $phone, $at(''));

        $desk->press('all of their orders')->see('of which you kept')->readsForEveryone('a person');
        $desk->press('People')->see('bought once')->readsForEveryone('people');
        $desk->open($at('/sharing'))->see('What was promised comes first')->readsForEveryone('how orders are shared out');
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
