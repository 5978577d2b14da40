<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser\Support;

/** Orders that go to several suppliers: one of them takes them by mail. */
trait SharesOut
{
    /** Seconds that a mail may take from here to a supplier or back, on a busy machine. */
    private const MAIL = 150;

    /** Connects Kilnfold by its table, and mails it its orders. */
    protected function kilnfoldByMail(Page $desk, string $handle): void
    {
        $desk->open(self::workshop('/at/'.$handle.'/source'))->click('[data-suppliers]')->press('Connect another supplier');
        $desk->click('a[href*="kind=feed"]')->write('What the supplier is called', 'Kilnfold');
        $desk->write('Address of the list', self::url('kilnfold.standins.localhost', '/trade/goods.csv'))->press('Read its first rows');
        $desk->see('What do Kilnfold’s columns mean?')->waitFor('[data-preview]', '14 items');
        $desk->write('What a parcel costs', 'GB; 2 kg; 4,85; 2-3'."\n".'GB; 30 kg; 12,50; 2-3');
        $desk->waitFor('[data-delivery]', 'Every variant can be delivered')->press('Save and pull the goods')->see('14 new');
        $sharing = self::workshop('/at/'.$handle.'/counter/sharing');
        $desk->open($sharing)->see('no orders from here yet')->click('[data-way="Kilnfold"] a');
        $desk->write('Its address for orders', 'orders@kilnfold.example')->press('Send them so')->see('one table of what was ordered goes');
    }

    /** Mails what was ordered of an article of Kilnfold and has it posted there, until the order has a parcel from it. */
    protected function postedByKilnfold(Page $desk, string $handle, string $article): void
    {
        $counter = self::workshop('/at/'.$handle.'/counter');
        $desk->open($counter.'/sharing')->click('[data-way="Kilnfold"] a')->press('Mail today’s table now')->see('1 order');
        $kilnfold = self::url('kilnfold.standins.localhost');
        $desk->untilIn(self::MAIL, static function () use ($desk, $kilnfold, $article): bool {
            $desk->open($kilnfold);

            return str_contains($desk->css('#orders')->getText(), $article);
        }, 'for the table to arrive');
        // The latest stands first.
        $desk->press('Post all')->until(
            static fn (): bool => str_ends_with($desk->driver->getCurrentURL(), '#orders'),
            'for it to be posted',
        );
        $desk->untilIn(self::MAIL, static function () use ($desk, $counter): bool {
            $desk->open($counter.'/sharing')->click('[data-way="Kilnfold"] a')->press('Read its answers')->see('being read');
            $desk->open($counter)->press('1001')->see('Ines Fennimore');

            return $desk->has('[data-supplier="Kilnfold"][data-state="posted"]');
        }, 'for the answer to be read');
    }

    /** From the basket to the order that is paid. */
    protected function pay(Page $phone): void
    {
        $phone->press('Go to checkout')->see('of which VAT, 20%');
        $typed = ['email' => 'ines@fennimore.example', 'name' => 'Ines Fennimore', 'street' => '4 Pound Row', 'town' => 'Aldermere', 'postcode' => 'AL4 7QT'];
        // Ways and parcels come anew once the postcode is said.
        $phone->answered(static function () use ($phone, $typed): void {
            foreach ($typed as $field => $words) {
                $phone->css('#'.$field)->sendKeys($words);
            }
            $phone->key(Page::TAB);
        });
        $phone->click('[data-pay]')->see('Pay £')->within('.pay-frame')->see('approves at once')->click('#pay')->whole();
        $phone->see('Thank you, Ines Fennimore');
    }
}
