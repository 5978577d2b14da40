<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/** The workshop without a mouse, on narrow and wide screens: where one is, how one gets back, what is in hand. */
final class KeysTest extends BrowserTestCase
{
    private const ESCAPE = "\u{E00C}";

    private const TAB = "\u{E004}";

    private const SCREENS = [
        'source', 'source/connect', 'bench', 'bench?by=1', 'bench/grid', 'pricing', 'pricing/recipes', 'pricing/costs',
        'pricing/trial', 'pricing/taxes', 'codes',
        'drift', 'shelves', 'window', 'window/pages', 'window/languages', 'counter', 'counter/letters', 'counter/left', 'counter/payment', 'delivery',
        'settings', 'opening', 'opening/seen',
    ];

    public function test_focus_goes_and_comes_back_and_letters_can_be_turned_off(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $desk->open(self::workshop('/at/'.$handle.'/source?q=mister'))->see('2 items');
        $desk->key('j');
        $first = self::focused($desk);
        $desk->key('j');
        $second = self::focused($desk);
        self::assertNotSame($first, $second, 'real focus moves from row to row');

        $desk->key(Page::ENTER)->see('Landed, by pieces in one parcel');
        self::assertNotSame($second, self::focused($desk));
        $desk->key(self::ESCAPE);
        $desk->until(fn (): bool => self::focused($desk) === $second, 'for focus to be back on the row');
        $desk->key('?')->see('Keys of one letter or sign')->readsForEveryone('the keys');
        $desk->script('document.querySelector("[role=dialog] input[type=checkbox]").click()');
        $desk->until(fn (): bool => $desk->has('dd.text-mute'), 'for the letters to be off');
        $desk->key(self::ESCAPE);
        $desk->until(fn (): bool => self::focused($desk) === $second, 'for focus to be back on the row');
        $desk->key('p')->key('x');
        self::assertFalse($desk->has('[role=dialog]'), 'letters do nothing now');
        self::assertStringNotContainsString('1 item chosen', $desk->text());

        // The palette takes a place by its first letters, and the page's heading is where one arrives.
        $desk->driver->action()->keyDown(null, "\u{E009}")->sendKeys(null, 'k')->keyUp(null, "\u{E009}")->perform();
        $desk->css('[cmdk-input]')->sendKeys('pric');
        $desk->until(
            fn (): bool => str_contains($desk->css('[cmdk-item][data-selected=true]')->getText(), 'Pricing'),
            'for the first answer to be in hand',
        );
        $desk->key(Page::ENTER)->see('Price board');
        $desk->until(fn (): bool => self::focused($desk) === 'H1 Price board', 'for focus to be on the heading');
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('Nothing lies here')->key(self::TAB);
        self::assertSame('A To the work', self::focused($desk));
        $desk->key(Page::ENTER);
        self::assertStringStartsWith('MAIN', self::focused($desk));
    }

    public function test_what_was_last_done_stands_on_the_screen_until_it_is_taken_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'slate plant labels', 'OD-1017');
        $desk->open(self::workshop('/at/'.$handle.'/bench/grid'));
        $cell = $desk->css('[data-cell="0-1"]');
        $cell->click();
        $cell->sendKeys('Labels'.Page::ENTER);
        $desk->until(fn (): bool => $desk->has('[data-last-done]'), 'for what was done to stand there');
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('Last done:')->readsForEveryone('what was last done');
        $desk->click('[data-last-done] button');
        $desk->until(fn (): bool => ! $desk->has('[data-last-done]'), 'for it to be taken back');
        $desk->open(self::workshop('/at/'.$handle.'/bench/grid'));
        self::assertSame('', $desk->css('[data-cell="0-1"]')->getAttribute('value'));
    }

    public function test_on_every_screen_focus_is_seen_and_lists_can_be_read_from_768_wide(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        for ($n = 1; $n <= 3; $n++) {
            $desk->key('j')->key('x')->see($n === 1 ? '1 item chosen' : $n.' items chosen');
        }
        $desk->press('Take to the bench')->see('3 items lie on the bench.');
        $at = self::workshop('/at/'.$handle.'/');
        $lists = (string) file_get_contents(__DIR__.'/Support/lists.js');
        $seen = 0;
        foreach ([768, 820, 1280, 1920] as $width) {
            $desk->wide($width);
            foreach (self::SCREENS as $screen) {
                $desk->open($at.$screen)->css('main h1');
                $desk->still();
                self::assertSame([], $desk->script($lists), "$screen, $width wide");
                if ($width === 1280) {
                    $seen += $this->focusIsSeen($desk, $screen);
                }
            }
        }
        self::assertGreaterThan(300, $seen);
        $desk->open($at.'bench')->click('[data-listing] [data-hand]')->see('You say');
        $this->focusIsSeen($desk, 'a listing');
    }

    private function focusIsSeen(Page $desk, string $where): int
    {
        // Frames are for those who come by keys.
        $desk->key(self::TAB);
        $found = $desk->script((string) file_get_contents(__DIR__.'/Support/focus.js'));
        self::assertSame([], $found['unseen'], $where);

        return $found['seen'];
    }

    private static function focused(Page $desk): string
    {
        return (string) $desk->script(
            'const a = document.activeElement; return a.tagName + " " + (a.getAttribute("aria-label") || '.
                'a.innerText).slice(0, 60)',
        );
    }
}
