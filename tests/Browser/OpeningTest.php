<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** A newcomer goes from signing up to an open shop, told the next step on every screen, and rehearses it before. */
final class OpeningTest extends BrowserTestCase
{
    /** The most that may be pressed or filled in until goods lie there to be looked at, and until shoppers are let in. */
    private const FIRST_LISTING = 60;

    private const OPEN = 200;

    public function test_a_newcomer_opens_a_shop_that_was_rehearsed(): void
    {
        $desk = $this->desk();
        $handle = $this->newStallByHand($desk, 'Two Rows');
        $at = self::workshop('/at/'.$handle);
        $desk->press('Goods that suppliers post')->waitFor('[data-next]', 'Take goods to the bench');
        $desk->open($at.'/bench')->press('have a first shop laid out');
        $desk->css('[aria-label="What it sells"]')->sendKeys('trowels, dibbers and twine for vegetable plots');
        $desk->press('Lay out a first shop');
        $desk->untilIn(180, fn (): bool => $desk->has('[aria-label="Three ways to lay it out"]'), 'for three ways');
        self::assertLessThanOrEqual(self::FIRST_LISTING, $desk->steps());
        $desk->press('Agree, and put it in the window')->see('the front page is published');

        // Its texts still read as they were drafted: that comes next, and can be left for later.
        $desk->waitFor('[data-next]', 'Dress the window and publish it')->press('Leave it out');
        $desk->waitFor('[data-next]', 'Say who runs the shop')->click('[data-next]');
        foreach ([
            'Who runs it' => 'Nell Aldous', 'House and street' => '4 Pound Row', 'Town' => 'Aldermere', 'Postcode' => 'AL4 7QT',
            'E-mail' => 'hello@tworows.example', 'Days for sending back' => '30', 'Years orders are kept' => '6',
        ] as $label => $words) {
            $desk->write($label, $words)->key(Page::TAB);
        }
        $desk->choose('Who pays for sending back', 'the shopper pays');
        $desk->waitFor('[data-next]', 'Publish its policies');
        for ($left = 5; $left > 0; $left--) {
            $desk->answered(fn () => $desk->press('Publish it'));
        }
        $desk->waitFor('[data-next]', 'Have money taken for real')->click('[data-next]');
        $desk->write('A key of the payment service', 'pay-live-key')->press('Keep the key');
        $desk->answered(fn () => $desk->press('real'));
        $desk->waitFor('[data-next]', 'Rehearse it')->click('[data-next]');

        $desk->click('[aria-label="Rehearsal"] button');
        $desk->untilIn(120, fn (): bool => str_contains($desk->text(), 'One shopper, '), 'for the rehearsal');
        $marks = $desk->script('return [...document.querySelectorAll("[data-step]")].map(s => s.dataset.step)');
        self::assertSame(['fine'], array_values(array_unique($marks)), $desk->css('[aria-label="Rehearsal"]')->getText());
        self::assertCount(10, $marks);
        $desk->readsForEveryone('a rehearsal');

        $desk->waitFor('[data-next]', 'Open it');
        // What was left for later is said once more, and stops nobody who wants it so.
        self::assertTrue($desk->has('[data-stops="1"]'), $desk->text());
        $desk->press('Open all the same')->waitFor('[role=alertdialog]', 'still read as the program drafted');
        $desk->click('[role=alertdialog] button:last-child');
        $desk->until(fn (): bool => ! $desk->has('[data-next]'), 'for no step to be left');
        self::assertLessThanOrEqual(self::OPEN, $desk->steps());
        $this->phone()->open(self::url($handle.'.shops.localhost'))->see('Two Rows');
    }
}
