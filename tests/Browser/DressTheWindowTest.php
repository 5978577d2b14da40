<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use WindowStall\Tests\Browser\Support\Page;

/**
 * The galley: the page as a sheet, its notes beside it, the look in the tray; what is published is what shoppers get.
 */
final class DressTheWindowTest extends BrowserTestCase
{
    public function test_a_seller_dresses_publishes_and_goes_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, 'Quillet', connect: false);
        $shop = self::url($handle.'.shops.localhost');
        $desk->press('Window')->see('Front page')->see('Masthead')->readsForEveryone('the galley');
        $this->saved($desk);

        // A note opens into its sentence; what is said there shows on the sheet.
        $this->lay($desk, 'masthead', 'Hero');
        $desk->write('Words', 'Beans before roses')->readsForEveryone('a note that is open');
        $this->saved($desk);
        $this->inSheet($desk, 'Beans before roses');
        $this->lay($desk, 'masthead', 'Notice strip');
        $desk
            ->click('[data-sentence] button[aria-label^="Messages"]')
            ->press('One more')
            ->write('Words 1', 'Closed on Mondays');
        $this->saved($desk);
        $desk->key(Page::ESCAPE);
        $phone = $this->phone();
        $phone->open($shop)->dontSee('Beans before roses');

        // The strip goes above the masthead by Alt and an arrow.
        $desk
            ->css('[data-note^="notice"]')
            ->findElement(\Facebook\WebDriver\WebDriverBy::cssSelector('button[aria-label^="Move"]'))
            ->sendKeys(Page::ALT_UP);
        $desk->until(
            fn (): bool => str_starts_with((string) $desk->css('[data-note]')->getAttribute('data-note'), 'notice'),
            'for the strip to move',
        );
        $this->saved($desk);
        $desk->press('Publish')->see('As shoppers see it');
        $phone->open($shop)->see('Beans before roses')->see('Closed on Mondays')->readsForEveryone('the shop');

        // Undo goes back step by step, redo forward; the published page is a step away whatever was done.
        $desk->click('[data-note^="hero"] button')->write('Words', 'A slip of the pen');
        $this->saved($desk);
        $this->inSheet($desk, 'A slip of the pen');
        $desk->press('Undo');
        $this->inSheet($desk, 'Beans before roses');
        $desk->press('Redo');
        $this->inSheet($desk, 'A slip of the pen');
        $desk->press('Versions')->see('Published')->readsForEveryone('versions');
        $desk->write('Keep it as it is now, under a name', 'With the slip')->press('Keep it')->see('With the slip');
        $desk->press('Go back to it');
        $desk->until(fn (): bool => $desk->has('[data-changes]'), 'for the galley');
        $this->saved($desk);
    }

    public function test_words_are_typed_on_the_page_and_a_part_of_it_opens_its_note(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Front page');
        $this->lay($desk, 'masthead', 'Words');
        $desk->write('Heading', 'Soil')->key(Page::ESCAPE);
        $this->saved($desk);
        $desk->driver->switchTo()->frame($desk->css('iframe[data-sheet]'));
        $heading = $desk->css('[data-words="heading"]');
        $heading->click();
        $heading->sendKeys(' and water');
        $desk->driver->switchTo()->defaultContent();
        $desk->until(fn (): bool => $desk->has('[data-sentence^="words"]'), 'for its note to open');
        $desk->until(
            fn (): bool => str_contains(
                (string) $desk->css('[aria-label="Heading"]')->getAttribute('value'),
                'and water',
            ),
            'for the words in the sentence',
        );
        $this->saved($desk);
        self::assertStringContainsString(
            'Soil',
            (string) $desk->css('[aria-label="Heading"]')->getAttribute('value'),
            'nothing typed is lost',
        );
    }

    public function test_a_look_is_said_in_a_sentence_tried_and_taken_back_and_reaches_the_shop_once_published(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Front page');
        $this->saved($desk);
        $desk->click('[data-part="look"]')->see('Seed packet')->see('Lead label')->readsForEveryone('the looks');
        $desk
            ->write('Say it in a sentence', 'calm, beige and soft grey, simple type')
            ->press('Lay out three')
            ->see('Understood: “calm”');
        $desk->click('[aria-label="Put on Plaster, as you said"]');
        $this->saved($desk);
        $desk->until(
            fn (): bool => str_contains($desk->css('[data-part="look"]')->getText(), 'Plaster'),
            'for the look to be on',
        );
        $desk->click('[data-part="look"]')->press('Undo');
        $desk->until(
            fn (): bool => str_contains($desk->css('[data-part="look"]')->getText(), 'Seed packet'),
            'for the look before',
        );
        $desk
            ->click('[data-part="colours"]')
            ->write('the brand’s own, as a code', '#7a2b4a')
            ->readsForEveryone('the colours');
        $this->saved($desk);
        foreach (['tones', 'type', 'shape', 'pictures', 'weight'] as $part) {
            $desk->click('[data-part="'.$part.'"]')->readsForEveryone('the drawer '.$part);
        }
        $desk->click('[data-part="weight"]')->press('See it wide')->see('1280 wide');
        $desk->press('Publish')->see('As shoppers see it');
        $phone = $this->phone();
        $phone->open(self::url($handle.'.shops.localhost'))->see('Quillet');
        self::assertStringContainsString('--fill:#7a2b4a', (string) $phone->driver->getPageSource());
    }

    public function test_a_finding_stands_in_the_margin_until_it_is_mended_or_waved_away(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Nothing on this page can be bought');
        $this->lay($desk, 'masthead', 'Hero');
        $desk->write('Words', 'Beans')->write('On the button', 'See it');
        $this->saved($desk);
        $desk->see('“See it” leads nowhere.')->readsForEveryone('a finding')->press('Lead to everything');
        $this->saved($desk);
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'leads nowhere'), 'for the finding to go');
        $this->inSheet($desk, 'See it');
        // Waved away, it stays away.
        $desk->click('[data-note^="hero"] [aria-label="On a second link"]');
        $desk->open($desk->driver->getCurrentURL())->see('Front page');
        $this->saved($desk);
        self::assertFalse($desk->has('[data-finding^="nowhere"]'));
    }

    public function test_two_people_dress_one_page_and_the_second_sees_whose_change_came(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Front page');
        $this->lay($desk, 'masthead', 'Words');
        $desk->write('Heading', 'Soil');
        $this->saved($desk);
        $page = $desk->driver->getCurrentURL();
        // The same person's other window changes the foot.
        $desk->script('window.open("'.$page.'")');
        [$mine, $theirs] = $desk->driver->getWindowHandles();
        $desk->driver->switchTo()->window($theirs);
        $desk->see('Front page')->click('[data-note="foot"] button')->write('Who you are', 'A narrow strip of land');
        $this->saved($desk);
        $desk->driver->switchTo()->window($mine);
        $desk->write('Heading', 'Soil and water');
        $this->saved($desk);
        $this->inSheet($desk, 'A narrow strip of land');
        $this->inSheet($desk, 'Soil and water');
        self::assertSame('Soil and water', $desk->css('[aria-label="Heading"]')->getAttribute('value'));
        // Stepping back takes mine back, and never theirs.
        $desk->press('Undo');
        $desk->until(
            fn (): bool => ! str_contains((string) $desk->css('[aria-label="Heading"]')->getAttribute('value'), 'water'),
            'for the words before',
        );
        $this->saved($desk);
        $this->inSheet($desk, 'A narrow strip of land');
    }

    /** A hundred changes, measured by the page from the moment each is made until the sheet has laid it. */
    public function test_a_change_shows_at_once(): void
    {
        $desk = $this->desk();
        $this->newStall($desk, 'Quillet', connect: false);
        $desk->press('Window')->see('Front page');
        $this->lay($desk, 'masthead', 'Hero');
        $desk->write('Words', 'Beans');
        $this->saved($desk);
        for ($n = 0; $n < 100; $n++) {
            $desk->script(
                'performance.clearMeasures("galley change"); const s = document.querySelector("[data-sentence] '.
                    'select[aria-label=\'How tall it stands\']"); const set = '.
                    'Object.getOwnPropertyDescriptor(HTMLSelectElement.prototype, "value").set; set.call(s, s.value '.
                    '=== "tall" ? "low" : "tall"); s.dispatchEvent(new Event("change", {bubbles: true}))',
            );
            $desk->until(
                fn (): bool => (bool) $desk->script('return performance.getEntriesByName("galley change").length > 0'),
                'for the change to show',
            );
            $took[] = (float) $desk->script('return performance.getEntriesByName("galley change")[0].duration');
        }
        sort($took);
        fwrite(
            STDERR,
            sprintf(
                "\n  A change in the galley shows after %.0f ms (median), %.0f ms (95th percentile).\n",
                $took[50],
                $took[95],
            ),
        );
        self::assertCount(100, $took);
    }

    /** Lays a section of that kind after the first one that begins with that id. */
    private function lay(Page $desk, string $after, string $kind): void
    {
        $desk
            ->still()
            ->script(
                '[...document.querySelectorAll("[data-note]")].find((n) => n.dataset.note.startsWith("'.
                    $after.
                    '")).nextElementSibling.querySelector("button").focus()',
            );
        $desk->key(Page::ENTER);
        // By keys: what is found about the page may come meanwhile, and moves what one would point at.
        $desk->script('document.querySelectorAll("[role=menuitem]")['.$this->nth($desk, $kind).'].focus()');
        $desk->key(Page::ENTER);
        $desk->until(fn (): bool => $desk->has('[data-sentence]'), 'for the new note');
        $this->saved($desk);
    }

    private function nth(Page $desk, string $kind): int
    {
        $desk->until(fn (): bool => $desk->has('[role="menuitem"]'), 'for the kinds');
        foreach ($desk->all('[role="menuitem"]') as $n => $item) {
            if ($item->getText() === $kind) {
                return $n;
            }
        }
        self::fail('There is no '.$kind.' to lay.');
    }

    private function saved(Page $desk): void
    {
        $desk->until(fn (): bool => $desk->has('[data-galley][data-saving="false"]'), 'for the saving');
    }

    private function inSheet(Page $desk, string $text): void
    {
        $desk->until(function () use ($desk, $text): bool {
            $desk->driver->switchTo()->frame($desk->css('iframe[data-sheet]'));
            $found = str_contains((string) $desk->script('return document.body.innerText'), $text);
            $desk->driver->switchTo()->defaultContent();

            return $found;
        }, 'for “'.$text.'” on the sheet');
    }
}
