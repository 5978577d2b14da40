<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/**
 * A supplier without an interface: its table is mapped, seen as it will be, and imported; then it renames its columns.
 */
final class KilnfoldTest extends BrowserTestCase
{
    public function test_a_pottery_s_table_becomes_goods_and_renamed_columns_are_followed(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, connect: false);
        $kilnfold = self::url('kilnfold.standins.localhost', '');
        $desk->press('Connect a supplier')->readsForEveryone('the kinds of supplier')->click('a[href*="kind=feed"]');
        $desk
            ->write('What the supplier is called', 'Kilnfold')
            ->write('Address of the list', $kilnfold.'/trade/goods.csv')
            ->press('Read its first rows');
        $desk
            ->see('What do Kilnfold’s columns mean?')
            ->waitFor('[data-preview]', '14 items with 49 variants')
            ->see('2 rows can’t be used')
            ->see('on request');
        $desk->readsForEveryone('the mapping');

        // A guess put right by hand, and back: the preview follows at once.
        $this->choose($desk, 'What Trade price means', '');
        $desk->see('Say which column is the unit cost.');
        $this->choose($desk, 'What Trade price means', 'cost');
        $desk->waitFor('[data-preview]', '14 items with 49 variants');
        $desk->see('Nothing can be delivered to the United Kingdom yet');
        $desk
            ->write('What a parcel costs', 'GB; 2 kg; 4,85; 2-3'."\n".'GB; 30 kg; 12,50; 2-3')
            ->waitFor('[data-delivery]', 'Every variant can be delivered to the United Kingdom.');
        $desk
            ->press('Save and pull the goods')
            ->see('Rows that couldn’t be used')
            ->see('14 new')
            ->see('The unit cost isn’t an amount.');
        $desk->readsForEveryone('a supplier');

        $maker = $this->desk();
        $maker
            ->open($kilnfold.'/')
            ->readsForEveryone('the pottery’s page')
            ->press('Call some columns by new names')
            ->see('now: Article no');
        try {
            $desk
                ->press('Pull now')
                ->see('“Trade price” is now called “Net price”; it was recognised and the mapping follows.');
        } finally {
            $maker->press('Call the columns by their old names');
        }
        $desk->press('Its goods in Source')->see('14 items')->see('Hand-thrown flower pots, a pair');
    }

    public function test_disconnecting_says_what_becomes_of_listings_before_it_is_done(): void
    {
        $desk = $this->desk();
        $this->newStall($desk);
        $this->take($desk, 'mini trowel scoop', 'OD-1009');
        $desk->press('Source')->see('Paste a link');
        $desk->click('[data-suppliers]')->press('Oakum Depot')->see('Last pulled');
        $desk->press('Pause it')->see('Go on pulling');
        $desk
            ->press('Disconnect')
            ->see('Its one listing is put by with all your words')
            ->click('[role="alertdialog"] button:last-child');
        $desk->see('Oakum Depot is disconnected; 1 listing was put by.')->see('No supplier is connected yet');
        self::assertFalse($desk->has('[data-item]'), 'nothing of it is found any more');
    }

    private function choose(Page $desk, string $label, string $value): void
    {
        $desk->css('select[aria-label="'.$label.'"] option[value="'.$value.'"]')->click();
    }
}
