<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverSelect;
use WindowStall\Tests\Browser\Support\Page;

/**
 * The morning after a supplier changed much: what asks, with its money; agreed to, kept, taken back; what follows by
 * itself.
 */
final class DriftTest extends BrowserTestCase
{
    public function test_a_raised_cost_waits_is_agreed_to_taken_back_and_kept(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'rain gauge copper', 'OD-1041');
        $listing = $desk->driver->getCurrentURL();
        $desk->write('Title', 'Copper rain gauge')->key(Page::ENTER)->waitFor('h1', 'Copper rain gauge');
        $desk->write('Price of BRS-04 · Stake', '30')->key(Page::ENTER)->see('by hand');
        $before = $desk->css('[data-price="CPR-02 · Stake"]')->getAttribute('value');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');

        $supplier = $this->desk();
        $supplier->open(self::url('oakum.standins.localhost', '/?item=OD-1041'));
        $cost = $supplier->css('input[name="cost"]');
        $cost->clear();
        $cost->sendKeys('9.44');
        $supplier->click('button[value="cost"]')->see('now costs 9.44.');
        $supplier->all('button[value="sell-out"]')[4]->click();
        $supplier->see('0 pieces left');
        // The supplier sends news of it, and it stands on the desk within seconds, without a pull.
        $drift = self::workshop('/at/'.$handle.'/drift');
        $desk->until(
            fn (): bool => str_contains($desk->open($drift)->text(), 'by 60%') &&
                str_contains($desk->text(), 'by your rules: 2'),
            'for the news',
        );
        $desk->see('5.90 USD')->see('9.44 USD')->readsForEveryone('Drift');
        $desk->press('Your rules')->see('as long as it moves by no more than')->readsForEveryone('the rules');
        // Other rules are tried on what came, and nothing counts by that.
        $desk->press('Try them on the last 30 days')->see('nothing counts yet');
        $floor = new WebDriverSelect($desk->css('select[aria-label="Oakum Depot, a price under its floor"]'));
        $floor->selectByValue('raise');
        $desk->see('You would have been asked')->see('as you try them')->readsForEveryone('rules that are tried');
        $desk->press('Leave it')->see('Try them on the last 30 days');
        $floor = 'select[aria-label="Oakum Depot, a price under its floor"]';
        $desk->until(fn (): bool => $desk->css($floor)->getAttribute('value') === 'ask', 'for the rules that count');
        $desk->press('Close');
        // The desk is narrowed to some goods.
        $desk
            ->write('Only goods with these words', 'no such thing')
            ->key(Page::ENTER)
            ->see('Nothing of that asks you.');
        $desk->open($drift)->see('by 60%');
        // What stands stands: the price in the shop hasn't moved, the held one neither, and what sold out can't be
        // bought.
        $desk->open($listing)->see('changes since you agreed');
        self::assertSame($before, $desk->css('[data-price="CPR-02 · Stake"]')->getAttribute('value'));
        self::assertSame('Copper rain gauge', $desk->css('h1')->getText());
        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost', '/goods/copper-rain-gauge'))->see('Copper rain gauge');
        $phone->click('[data-option="0"][value="BLK-03"] + span')->click('[data-option="1"][value="Stake"] + span');
        $phone->until(
            fn (): bool => $phone->script('return document.querySelector("[data-buy]").disabled') === true,
            'for the sold-out kind to be closed',
        );
        $phone->see('Sold out');

        // The whole group is agreed to, and taken back in one step.
        $desk->open($drift)->click('[data-group] button:last-of-type');
        $desk->see('agreed to')->see('Nothing asks you.');
        $desk->open($listing);
        self::assertGreaterThan(
            (float) $before,
            (float) $desk->css('[data-price="CPR-02 · Stake"]')->getAttribute('value'),
        );
        self::assertSame(
            '30.00',
            $desk->css('[data-price="BRS-04 · Stake"]')->getAttribute('value'),
            'the seller’s own word',
        );
        $desk->open($drift)->press('take it back')->see('by 60%');
        $this->onAPhone($desk, $handle);
        $desk->open($drift)->see('by 60%');

        // One by its keys, the rest kept as they were.
        $lines = count($desk->all('[data-line]'));
        $desk->script('document.querySelector("[data-line] input").focus()');
        $desk->key('a');
        $desk->until(fn (): bool => count($desk->all('[data-line]')) === $lines - 1, 'for one line less');
        $desk->click('[data-group] button')->see('Nothing asks you.');
        // What was agreed to is set back from the listing's timeline: the price of that day is the seller's own word.
        $desk->open($listing)->press('what was said of it')->see('you agreed')->readsForEveryone('the timeline');
        $desk->press('set back what was before');
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'you agreed'), 'for it to be set back');
        $desk->open($drift);
        // What followed by itself is there, quieter.
        $desk->click('[data-group="quiet"] a')->see('sold out')->see('followed')->readsForEveryone('what went through');
    }

    /** One change is agreed to and taken back, and what may be looked at there fits the screen. */
    private function onAPhone(Page $desk, string $handle): void
    {
        $phone = $this->phone();
        $phone->open(self::workshop('/sign-in'));
        $phone->driver->manage()->deleteAllCookies();
        foreach ($desk->driver->manage()->getCookies() as $cookie) {
            $phone->driver->manage()->addCookie($cookie);
        }
        $phone->open(self::workshop('/at/'.$handle.'/drift'))->see('by 60%');
        $lines = count($phone->all('[data-line]'));
        $phone->click('[data-line] button');
        $phone->until(fn (): bool => count($phone->all('[data-line]')) === $lines - 1, 'for one line less');
        // What was said of it lies over the foot for a moment; it is gone on the page as it is opened again.
        $phone->open(self::workshop('/at/'.$handle.'/drift'))->press('take it back');
        $phone->until(fn (): bool => count($phone->all('[data-line]')) === $lines, 'for the line to be back');
        foreach (['/drift', '/counter', '/counter/letters'] as $screen) {
            $phone->open(self::workshop('/at/'.$handle.$screen));
            $phone->until(fn (): bool => $phone->has('main h1'), 'for '.$screen);
            self::assertSame(390, $phone->script('return innerWidth'));
            self::assertSame(390, $phone->script(
                'return Math.max(document.documentElement.scrollWidth, document.querySelector("main").scrollWidth)',
            ), $screen);
        }
    }

    public function test_a_list_that_breaks_off_is_set_aside_and_asked_for_again(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, connect: false);
        $kilnfold = $this->desk();
        $desk->press('Connect a supplier')->click('a[href*="kind=feed"]');
        $desk
            ->write('What the supplier is called', 'Kilnfold')
            ->write('Address of the list', self::url('kilnfold.standins.localhost', '/trade/goods.csv'))
            ->press('Read its first rows');
        $desk->see('What do Kilnfold’s columns mean?')->waitFor('[data-preview]', '14 items with 49 variants');
        $desk
            ->write('What a parcel costs', 'GB; 30 kg; 12,50; 2-3')
            ->waitFor('[data-delivery]', 'Every variant can be delivered to the United Kingdom.');
        $desk->press('Save and pull the goods')->see('14 new');
        $kilnfold->open(self::url('kilnfold.standins.localhost'))->click('#cut');
        try {
            $desk->press('Pull now')->see('goods are missing');
            $desk
                ->click('a[href$="/drift"]')
                ->see('Kilnfold: 7 of 14 goods are missing')
                ->press('see what is amiss')
                ->see('didn’t come')
                ->readsForEveryone('a pull set aside');
        } finally {
            $kilnfold->open(self::url('kilnfold.standins.localhost'))->press('Write the whole list again');
        }
        $desk->press('Ask again');
        $desk->until(function () use ($desk): bool {
            $desk->open($desk->driver->getCurrentURL());

            return ! $desk->has('[data-aside]');
        }, 'for the whole list to be used');
        $desk->see('Nothing asks you.');
        // The pull is opened to what came and what was done with it.
        $desk->open(str_replace('/drift', '/source', (string) strtok($desk->driver->getCurrentURL(), '?')));
        $desk
            ->click('[data-suppliers]')
            ->click('a[href*="/source/connections/"]')
            ->press('what was done with it')
            ->see('goods:')
            ->readsForEveryone('a pull, opened');
    }
}
