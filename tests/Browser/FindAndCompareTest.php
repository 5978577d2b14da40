<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/**
 * Finding goods that pay: mistyped words, filters with counts, another market, side by side, by link and without a
 * mouse.
 */
final class FindAndCompareTest extends BrowserTestCase
{
    public function test_goods_are_narrowed_compared_and_taken(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $desk->write('Find by words, SKU or barcode', 'trowle')->see('nothing is called “trowle”')->see('for trowel');
        $desk->write('Find by words, SKU or barcode', 'mister');
        $desk->until(fn (): bool => count($desk->all('[data-item]')) === 2, 'for the misters');
        $desk->css('[data-trial]')->sendKeys('24.95'.Page::ENTER);
        $desk->see('You keep')->waitFor('[data-filter="margin"]', '30% or more');
        $desk->click('[data-filter="margin"] label:last-of-type input')->see('that is, costs');
        self::assertStringContainsString('margin=50', $desk->driver->getCurrentURL());
        $desk->readsForEveryone('Source, narrowed');
        $desk
            ->press('Kept searches')
            ->write('Keep this search as', 'Misters that pay')
            ->press('Keep')
            ->see('Misters that pay')
            ->key("\u{E00C}");

        // Side by side, chosen without a mouse: j takes a row in hand, x chooses it, c compares.
        $desk->open(self::workshop('/at/'.$handle.'/source?q=mister'))->see('2 items');
        $desk->script('document.activeElement?.blur()');
        $desk->key('j')->key('x')->see('1 item chosen')->key('j')->key('x')->see('2 items chosen')->key('c');
        $desk->see('Side by side')->see('Landed')->see('best');
        $desk->css('[data-price]')->sendKeys('24.95'.Page::ENTER);
        $desk->see('You keep')->readsForEveryone('a comparison');
        $desk->click('button[aria-label^="Take to bench"]')->see('You say');
    }

    public function test_another_country_turns_every_figure(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $landed = fn (): string => $desk->css('[data-item="OD-1038"] td:nth-child(5)')->getText();
        $desk->open(self::workshop('/at/'.$handle.'/source?q=trug'));
        $home = $landed();
        $desk->css('[data-market] option[value="IE"]')->click();
        $desk->until(
            fn (): bool => str_contains($desk->driver->getCurrentURL(), 'to=IE') && ! $desk->has('progress'),
            'for Ireland to be worked out',
        );
        $desk->open(self::workshop('/at/'.$handle.'/source?q=trug&to=IE'));
        self::assertNotSame($home, $landed());
        $desk->click('[data-item="OD-1038"] td:nth-child(3) button')->see('gets to Ireland');
    }

    public function test_a_pasted_link_fetches_an_item(): void
    {
        $desk = $this->desk();
        $this->newStall($desk);
        $desk
            ->press('Paste a link')
            ->write('The address of an item’s page at a supplier of yours', 'http://10.0.0.7/x')
            ->press('Fetch it')
            ->see('An address that is called from here begins with https://.');
        $desk
            ->write(
                'The address of an item’s page at a supplier of yours',
                self::url('oakum.standins.localhost', '/goods/OD-1030'),
            )
            ->press('Fetch it');
        $desk->see('Brass Plant Mister')->see('Landed, by pieces in one parcel');
        self::assertFalse($desk->has('[data-radix-popper-content-wrapper]'), 'the field is put away');
    }
}
