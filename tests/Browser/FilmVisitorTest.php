<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** Who comes from a film straight to one thing: it is understood and paid at once, and spoken of later. */
final class FilmVisitorTest extends BrowserTestCase
{
    public function test_a_shop_of_one_thing_is_bought_from_in_four_taps_spoken_of_and_answered(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'slate plant labels', 'OD-1017');
        $desk->write('Title', 'Slate labels')->key(Page::ENTER)->waitFor('h1', 'Slate labels');
        $this->readyAsItIs($desk);
        $desk->press('Put in the window')->see('It is in the window.');
        $pages = self::workshop('/at/'.$handle.'/window/pages');
        $desk->open($pages)->choose('What the shop sells', 'only Slate labels')->see('Its page is the front page');
        $this->laid($desk);

        $phone = $this->phone();
        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');
        $phone->open($shop)->see('Slate labels')->see('Buy it now')->see('With you in');
        $phone->until(fn (): bool => $phone->css('[data-there]')->getText() !== '–', 'for the day it is there');
        self::assertFalse($phone->has('.basket-link'));
        self::assertTrue($phone->script(
            'return ["h1", "[data-price]", "[data-buy]"].every(one => document.querySelector(one).getBoundingClientRect()'.
                '.bottom <= innerHeight)',
        ), 'what it is, what it costs and how it is bought stand in the first screen');
        $phone->readsForEveryone('the page of the one thing');
        $this->pay($phone);

        $said = $phone->driver->getCurrentURL();
        $phone->open(strtok($said, '?').'/said')->see('What do you say of it?')->click('[name=stars][value="4"] + span');
        $phone->css('[name=words]')->sendKeys('Ink stays on in the rain.');
        $phone->click('[name=show_name]')->press('Say it')->see('Thank you.');
        $phone->readsForEveryone('what is said');
        $phone->open($shop)->see('Ink stays on in the rain.')->see('Ines');

        $desk->open(self::workshop('/at/'.$handle.'/reviews'))->see('Ink stays on')->readsForEveryone('what buyers said');
        $desk->press('Answer')->write('Your answer', 'We are glad.')->press('Answer it')->see('You answered: We are glad.');
        $phone->open($shop.'/goods/slate-labels/said')->see('We are glad.');
    }

    /** The seller moves the facts up in the galley, and shoppers see it once it is published. */
    private function laid(Page $desk): void
    {
        $desk->press('All goods')->see('Shoppers don’t see it yet')->see('what it costs')->readsForEveryone('the page of goods');
        $desk->press('Publish')->see('Shoppers see it now.');
    }

    /** In four taps: the button, paying, the payment service’s own button; the keys of a phone aren’t counted. */
    private function pay(Page $phone): void
    {
        $before = $phone->steps();
        $phone->click('[data-buy]')->see('of which VAT, 20%');
        $typed = ['email' => 'ines@fennimore.example', 'name' => 'Ines Fennimore', 'street' => '4 Pound Row', 'town' => 'Aldermere', 'postcode' => 'AL4 7QT'];
        $phone->answered(static function () use ($phone, $typed): void {
            foreach ($typed as $field => $words) {
                $phone->css('#'.$field)->sendKeys($words);
            }
            $phone->key(Page::TAB);
        });
        $phone->click('[data-pay]')->see('Pay £')->within('.pay-frame')->see('approves at once')->click('#pay')->whole();
        $phone->see('Thank you, Ines Fennimore');
        self::assertLessThanOrEqual(4, $phone->steps() - $before);
    }
}
