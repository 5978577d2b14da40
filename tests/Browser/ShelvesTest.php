<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use WindowStall\Tests\Browser\Support\Page;

/** From a tag given by the handful to a shelf that fills itself, a phone without script, a menu and a policy. */
final class ShelvesTest extends BrowserTestCase
{
    public function test_a_tag_becomes_a_shelf_that_shoppers_narrow_reach_by_a_menu_and_trust(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $at = fn (string $path): string => self::workshop('/at/'.$handle.$path);
        $shop = fn (string $path): string => self::url($handle.'.shops.localhost', $path);
        $this->putIn($desk, $at, ['mini trowel scoop' => 'OD-1009', 'twine tin dispenser' => 'OD-1016']);

        $desk->open($at('/bench/grid'))->see('in the window')->click('thead input[type="checkbox"]')->press('Tags');
        $desk->css('[data-tags]')->sendKeys('shed door');
        $desk->press('Add')->see('Tagged shed door: 2 listings.');
        $this->shelf($desk, $at);
        $this->order($desk, $shop('/shelves/by-the-shed-door'));
        $this->putIn($desk, $at, ['wooden plant labels' => 'OD-1018']);
        $this->narrow($shop('/goods'));
        $this->menu($desk, $at, $shop);
        $this->page($desk, $at, $shop);
        $this->policy($desk, $at, $shop);
        $this->search($desk, $at, $shop);
    }

    /**
     * @param  callable(string): string  $at
     * @param  array<string, string>  $goods  words → the supplier's code
     */
    private function putIn(Page $desk, callable $at, array $goods): void
    {
        foreach ($goods as $words => $code) {
            $desk->open($at('/source'));
            $this->take($desk, $words, $code);
            $this->readyAsItIs($desk);
            $desk->press('Put in the window')->see('It is in the window.');
        }
    }

    /** @param  callable(string): string  $at */
    private function shelf(Page $desk, callable $at): void
    {
        $desk->open($at('/shelves'))->see('stand on none')->readsForEveryone('the shelves');
        $desk->press('Make a shelf')->write('What stands on it', 'By the shed door')->press('Make it');
        $desk->see('Say in the sentence which goods stand here')->press('are …');
        $desk->see('Any of these')->click('[data-popup] fieldset label')->press('Add it');
        $desk->see('2 things')->waitFor('[data-rule]', 'tagged shed door')->readsForEveryone('a shelf');
        $desk->write('Why is one of your goods on it, or not?', 'twine');
        $desk->waitFor('[data-why="on"]', 'The rule takes it.')->press('Keep it off')->waitFor('[data-count]', '1 thing');
        $desk->waitFor('[data-why="off"]', 'You keep it off')->press('As the rule says')->waitFor('[data-count]', '2 things');
    }

    /** Goods are pinned, moved by keys, and a rule said by mistake is taken back. */
    private function order(Page $desk, string $url): void
    {
        $titles = static fn (): array => (array) $desk->script(
            'return [...document.querySelectorAll("[data-good] [data-title]")].map((title) => title.textContent)',
        );
        [$first, $second] = $titles();
        $desk->click('[aria-label="Pin '.$second.' to the top"]');
        $desk->until(fn (): bool => $titles() === [$second, $first], 'for what is pinned to stand first');
        $desk->click('[aria-label="Unpin '.$second.'"]');
        $desk->until(fn (): bool => $titles() === [$first, $second], 'for the order from before');

        $grip = $desk->css('[aria-label="Move '.$first.'"]');
        $grip->sendKeys(WebDriverKeys::SPACE);
        $desk->until(fn (): bool => $desk->has('[aria-pressed="true"][aria-label^="Move"]'), 'for it to be taken hold of');
        $grip->sendKeys(WebDriverKeys::ARROW_RIGHT);
        $desk->still();
        $grip->sendKeys(WebDriverKeys::SPACE);
        $desk->until(fn (): bool => $titles() === [$second, $first], 'for it to stand behind the other');
        $phone = $this->phone(script: false);
        $phone->open($url)->see('2 things');
        self::assertTrue(strpos($phone->text(), (string) $second) < strpos($phone->text(), (string) $first));

        $desk->click('[data-clause="tag"]')->see('It looks at')->press('It isn’t so')->press('Say it');
        // Below stands the way back from what was last done to listings; this is about the rule.
        $desk->see('Nothing in the window is so.')->click('[data-sonner-toast] [data-action]');
        $desk->waitFor('[data-rule]', 'tagged shed door')->waitFor('[data-count]', '2 things');
    }

    private function narrow(string $url): void
    {
        $phone = $this->phone(script: false);
        $phone->open($url)->see('3 things')->readsForEveryone('a list in the shop');
        $phone->click('.facet summary')->click('.facet[open] .choice')->press('Show');
        $phone->see('1 thing')->see('As they stand');
        $phone->click('.taken a')->see('3 things');

        $island = $this->phone();
        $island->open($url)->see('3 things')->click('.facet summary')->click('.facet[open] .choice');
        $island->until(fn (): bool => str_contains($island->text(), '1 thing'), 'for the list to narrow in place');
        self::assertStringContainsString('?', $island->driver->getCurrentURL());
        $island->driver->navigate()->back();
        $island->until(fn (): bool => str_contains($island->text(), '3 things'), 'for what was before');
    }

    /**
     * @param  callable(string): string  $at
     * @param  callable(string): string  $shop
     */
    private function menu(Page $desk, callable $at, callable $shop): void
    {
        $desk->open($at('/window'))->see('Front page');
        $desk->click('[data-note="masthead"] button')->click('[aria-label^="Menu:"]')->press('One more')->write('Words 1', 'Shed')->still();
        $desk->click('[aria-label^="Leads to 1"]')->write('Find, or an address', 'shed door');
        $desk->press('the shelf By the shed door');
        $desk->key(Page::ESCAPE)->still();
        $desk->until(fn (): bool => str_contains($desk->text(), 'Publish'), 'for publishing');
        $desk->answered(fn () => null)->press('Publish');
        $phone = $this->phone();
        $phone->open($shop('/'));
        $phone->until(function () use ($phone, $shop): bool {
            $phone->open($shop('/'));

            return str_contains($phone->text(), 'Shed');
        }, 'for the menu');
        $phone->click('.menu a[href="/shelves/by-the-shed-door"]')->see('2 things');
    }

    /**
     * @param  callable(string): string  $at
     * @param  callable(string): string  $shop
     */
    private function policy(Page $desk, callable $at, callable $shop): void
    {
        $desk->open($at('/window/pages'))->see('blank')->readsForEveryone('pages and policies');
        self::assertFalse($desk->has('[data-policy="returns"] > div > button'), 'it can’t go out with a blank');
        foreach (['E-mail' => 'hello@quillet.example', 'Days for sending back' => '30'] as $label => $said) {
            $desk->write($label, $said)->key(Page::ENTER);
            $desk->until(fn (): bool => $desk->css('[aria-label="'.$label.'"]')->getAttribute('value') === $said, 'for it');
        }
        $desk->click('[aria-label="Who pays for sending back"] option[value="stall"]');
        $desk->waitFor('[data-policy="returns"]', 'Shoppers don’t see it yet.');
        $desk->click('[data-policy="returns"] > div > button')->waitFor('[data-policy="returns"]', 'Version 1');
        $phone = $this->phone();
        $phone->open($shop('/policies/returns'))->see('within 30 days')->see('We pay')->readsForEveryone('a policy');
    }

    /**
     * A page begun with a draft, written on, dressed with goods by the shelf, and published.
     *
     * @param  callable(string): string  $at
     * @param  callable(string): string  $shop
     */
    private function page(Page $desk, callable $at, callable $shop): void
    {
        $desk->open($at('/window/pages'))->press('Write “About us”')->see('Nothing is written on it yet');
        $shut = 'return [...document.querySelectorAll("button:disabled")].some((b) => b.textContent === "Publish")';
        self::assertTrue($desk->script($shut), 'blank pages aren’t published');
        $desk->press('Begin with a draft from your stall’s facts')->waitFor('[data-note="writing"]', 'is a small shop');
        $desk->seeInPhone('is a small shop')->readsForEveryone('a page in the galley');
        $desk->click('[data-note="writing"] button')->click('[data-sentence="writing"] [data-field="words"]');
        $desk->css('[data-field="words"]')->sendKeys('We pack by hand. ');
        $desk->click('[data-note="heading"] button')->seeInPhone('We pack by hand.');
        $desk->click('[data-note="goods"] ~ div [data-lay]')->press('Story')->see('is headed')->still();
        $desk->write('Heading', 'From the shed')->still()->seeInPhone('From the shed');
        $desk->click('[data-part="address"]')->write('Address', 'who-we-are')->key(Page::ENTER);
        $desk->waitFor('[data-part="address"]', '/pages/who-we-are');
        $desk->key(Page::ESCAPE)->press('Publish')->see('As shoppers see it');
        $phone = $this->phone(script: false);
        $phone->open($shop('/pages/who-we-are'))->see('We pack by hand.')->see('From the shed');
        $phone->readsForEveryone('a written page');
    }

    /**
     * @param  callable(string): string  $at
     * @param  callable(string): string  $shop
     */
    private function search(Page $desk, callable $at, callable $shop): void
    {
        $phone = $this->phone();
        $phone->open($shop('/search'))->css('input[type="search"]')->sendKeys('twi');
        $phone->until(fn (): bool => $phone->has('.suggested img'), 'for pictures of what one may mean');
        $phone->open($shop('/search?q=twinne'))->see('Nothing here is called “twinne”')->readsForEveryone('a search');
        $phone->open($shop('/search?q=ladle'))->see('Nothing here is called so');
        $desk->until(function () use ($desk, $at): bool {
            // It is noted once the shopper has been answered.
            $desk->open($at('/shelves'))->press('Looked for')->see('mean the same')->still();

            return $desk->has('[data-searched="ladle"]');
        }, 'for what was looked for');
        $desk->readsForEveryone('what was looked for');
        $desk->click('[data-searched="ladle"] input')->css('[data-searched="ladle"] input')->sendKeys('scoop');
        $desk->click('[data-searched="ladle"] form button')->see('ladle');
        $desk->until(fn (): bool => ! $desk->has('[data-searched="ladle"]'), 'for its answer');
        $phone->open($shop('/search?q=ladle'))->see('1 thing');
    }
}
