<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

/** A newcomer says in a sentence what the shop sells, chooses one of three ways, and shoppers find it so. */
final class FirstShopTest extends BrowserTestCase
{
    /** Seconds in which it is laid out; the program promises one minute on a machine that does nothing else. */
    private const PATIENCE = 180;

    public function test_a_niche_becomes_a_shop_laid_out(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, 'Two Rows');
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->press('have a first shop laid out')->see('A first shop');
        $desk->css('[aria-label="What it sells"]')->sendKeys('trowels, dibbers and twine for vegetable plots');
        $desk->click('[aria-label="One colour more"]')->press('Lay out a first shop');
        $desk->untilIn(self::PATIENCE, fn (): bool => $desk->has('[aria-label="Three ways to lay it out"]'), 'for three ways');
        $desk->readsForEveryone('a first shop')->seeInPhone('Trowels, dibbers and twine');
        $phone = $this->phone();
        $shop = rtrim(self::url($handle.'.shops.localhost'), '/');
        $phone->open($shop)->dontSee('dibbers');

        $titles = $desk->script('return [...document.querySelectorAll("section li a")].map(a => a.textContent)');
        self::assertGreaterThanOrEqual(4, count($titles));
        $desk->click('button[role=radio][value="2"]')->press('Agree, and put it in the window')->see('the front page is published');
        $phone->open($shop)->see('Trowels, dibbers and twine for vegetable plots')->click('.tiles a, .tile a')->see('Hand tools');
        $phone->readsForEveryone('a shelf of a first shop');
    }
}
