<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** A supplier is asked for a sample and answers; what it lays in and how much an order holds is said; letters say it in own words. */
final class AskSuppliersTest extends BrowserTestCase
{
    public function test_a_sample_is_asked_for_offered_taken_and_posted(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $counter = self::workshop('/at/'.$handle.'/counter');
        $this->lives($desk, $handle);
        $desk->open(self::workshop('/at/'.$handle.'/source'))->write('Find by words, SKU or barcode', 'transplanting spade');
        $desk->until(static fn (): bool => count($desk->all('[data-item]')) < 10, 'for the search');
        $desk->click('[data-item="OD-1003"] [data-title]')->see('Take to the bench')->press('Ask Oakum Depot about it');
        $desk->see('I’d like a sample of this, to me')->readsForEveryone('asking a supplier');
        $desk->press('Ask them')->see('Write what you would like.');
        $desk->write('What would you like to know?', 'Is the handle oiled?')->press('Ask them')->see('waits for an answer');

        $oakum = self::url('oakum.standins.localhost');
        $desk->open($oakum)->waitFor('#requests', 'Is the handle oiled?');
        $form = '#requests div:first-of-type form ';
        $desk->css($form.'[name="words"]')->sendKeys('Oiled twice, and yours at half the price');
        $desk->css($form.'[name="cost"]')->sendKeys('7.40');
        $desk->click($form.'[value="offer"]')->see('Noted.');

        $desk->open($counter.'/asking')->click('[data-asked] a')->see('Is the handle oiled?');
        $desk->until(static function () use ($desk): bool {
            if ($desk->has('[data-offer="open"]')) {
                return true;
            }
            $desk->press('Look whether they answered');

            return false;
        }, 'for the offer');
        $desk->see('Oiled twice')->readsForEveryone('an offer')->press('Take it: it is sent to you')->waitFor('[data-offer="taken"]', 'Their order');
        $number = (string) $desk->script('return document.body.innerText.match(/Their order (\d+)/)[1]');
        $desk->open($oakum)->waitFor('#orders', 'A sample for you')->click('form[action$="/play/orders/'.$number.'"] [value="post"]')
            ->see('Order '.$number.' is posted.');
        $desk->open($counter.'/asking')->click('[data-asked] a')->see('Their order '.$number);
        $desk->see('posted with Longfurrow Parcels');

        $this->terms($desk, $counter.'/owed');
        $desk->open($counter.'/mails?kind=thanks')->write('Subject', 'Thank you, {nmae}')->see('{nmae} is no fact');
        $desk->write('Subject', 'Thank you, {name}')->press('Say so')->see('Letters say so from now on.');
        $desk->readsForEveryone('what letters say')->press('The usual words again')->see('It says the usual words again.');
    }

    private function terms(Page $desk, string $owed): void
    {
        $desk->open($owed)->see('Each order is paid as it goes')->click('summary')->press('Ask what it can lay in')->see('a card of yours laid in');
        $desk->click('fieldset label:nth-of-type(2) input')->write('An order may hold at most', '12')->press('Keep these terms');
        $desk->see('With each order: a card of yours laid in')->readsForEveryone('what suppliers are owed');
    }

    /** Where the seller lives, for samples. */
    private function lives(Page $desk, string $handle): void
    {
        $answer = $desk->driver->executeAsyncScript(<<<'JS'
            const [path, done] = arguments;
            const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
            fetch(path, {
                method: 'PATCH',
                headers: {'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token},
                body: JSON.stringify({trader: 'Ada Marl', street: '4 Dyke Lane', town: 'Aldermere', postcode: 'AL4 2QT'}),
            }).then((answer) => done(answer.status));
            JS, ['/at/'.$handle.'/window/policies']);
        self::assertSame(200, $answer);
    }
}
