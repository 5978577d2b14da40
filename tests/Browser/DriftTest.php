<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** A supplier raises a cost and sells out: the seller sees before and after, and their own word stands. */
final class DriftTest extends BrowserTestCase
{
    public function test_a_raised_cost_is_told_moves_the_following_price_and_leaves_the_held_one(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'rain gauge copper', 'OD-1041');
        $listing = $desk->driver->getCurrentURL();
        $desk->write('Title', 'Copper rain gauge')->key(Page::ENTER)->waitFor('h1', 'Copper rain gauge');
        $desk->write('Price of BRS-04 · Stake', '30')->key(Page::ENTER)->see('by hand');
        $before = $desk->css('[data-price="CPR-02 · Stake"]')->getAttribute('value');
        $desk->until(fn (): bool => ! $desk->has('[data-lack]'), 'for the pictures');
        $desk->press('Put in the window')->see('It is in the window.');

        $supplier = $this->desk();
        $supplier->open(self::url('oakum.standins.localhost', '/?item=OD-1041'));
        $cost = $supplier->css('input[name="cost"]');
        $cost->clear();
        $cost->sendKeys('9.44');
        $supplier->click('button[value="cost"]')->see('now costs 9.44.');
        $supplier->all('button[value="sell-out"]')[4]->click();
        $supplier->see('0 pieces left');

        $desk->press('Source')->press('Pull again');
        $desk->until(fn (): bool => $desk->has('progress') || str_contains($desk->text(), '1 changed'), 'for the pull');
        $desk->see('1 changed');
        $desk->waitFor('a[href$="/drift"]', '1')->click('a[href$="/drift"]')->see('5.90 USD')->see('9.44 USD')->see('by its recipe')->see('Your price of £30.00 is held')->see('sold out')->readsForEveryone('Drift');
        $desk->open($listing)->see('changes since you agreed');
        self::assertGreaterThan((float) $before, (float) $desk->css('[data-price="CPR-02 · Stake"]')->getAttribute('value'));
        self::assertSame('30.00', $desk->css('[data-price="BRS-04 · Stake"]')->getAttribute('value'));
        self::assertSame('Copper rain gauge', $desk->css('h1')->getText());

        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods/copper-rain-gauge'))->see('Copper rain gauge');
        $phone->click('[data-option="0"][value="BLK-03"] + span')->click('[data-option="1"][value="Stake"] + span');
        $phone->until(fn (): bool => $phone->script('return document.querySelector("[data-buy]").disabled') === true, 'for the sold-out kind to be closed');
        $phone->see('Sold out');

        $desk->open(self::workshop('/at/'.$handle.'/drift'));
        $desk->click('main button');
        $desk->see('Nothing has drifted');
    }
}
