<?php

declare(strict_types=1);

namespace WindowStall\Tests\Browser;

use Facebook\WebDriver\Remote\RemoteWebElement;
use WindowStall\Tests\Browser\Support\Page;

/** Turning raw items into clean listings: split, drop, write, crop, tag, and put many in the window. */
final class PrepareTest extends BrowserTestCase
{
    public function test_the_five_in_one_is_split_with_one_variant_moved_by_hand_and_taken_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'tool bundle multi', 'OD-1013');
        $desk
            ->see('Its variants look like 5 different products.')
            ->press('Split it')
            ->see('Split into 5 listings')
            ->readsForEveryone('the split');
        $desk->css('[data-part="4"] [data-chip$="· L"] select option[value="3"]')->click();
        $desk->until(fn (): bool => count($desk->all('[data-part="3"] [data-chip]')) === 3, 'for the variant to move');
        $this->drag($desk, '[data-part="3"] [data-chip^="STYLE E"] > span', '[data-part="4"]');
        $desk->until(fn (): bool => count($desk->all('[data-part="3"] [data-chip]')) === 2, 'for it to be dragged back');
        $desk->write('Title of part 1', 'Hand trowel')->press('Split into 5 listings')->see('Split into 5 listings.');
        foreach (['Hand trowel', 'Gloves', 'Twine', 'Snips', 'Dibber'] as $title) {
            $desk->see($title);
        }
        $desk->still()->press('Take it back')->see('Taken back.');
        $desk->open(self::workshop('/at/'.$handle.'/bench'));
        $desk->until(fn (): bool => count($desk->all('[data-listing]')) === 1, 'for the one listing');
    }

    public function test_ships_from_is_dropped_with_one_twin_overruled(): void
    {
        $desk = $this->desk();
        $this->newStall($desk);
        $this->take($desk, '2026 new garden hand trowel', 'OD-1001');
        $desk
            ->click('[data-option="Ships from"] button:last-child')
            ->see('15 become 3')
            ->see('it lands cheapest')
            ->readsForEveryone('dropping an option');
        $desk->click('[data-twins="STL-01"] label:nth-of-type(3) input')->see('you say so');
        $desk->press('Drop it: 15 become 3')->see('“Ships from” is dropped; 3 variants are left.');
        $desk->until(fn (): bool => count($desk->all('[data-variant]')) === 3, 'for three variants');
        $desk->see('take it up again');
        $desk
            ->click('[data-variant="CPR-02"] button[title="Where it comes from"]')
            ->see('The first that has it sells it')
            ->see('sells now')
            ->readsForEveryone('the sources')
            ->press('Close');
    }

    public function test_it_is_written_cropped_and_tagged(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        $this->take($desk, 'twine tin dispenser', 'OD-1016');
        $desk->until(fn (): bool => ! str_contains($desk->text(), 'Being fetched'), 'for the pictures');
        $desk
            ->see('belong on the page')
            ->press('Draft it for me')
            ->press('Briskly')
            ->press('Write drafts')
            ->see('Not known, and worth saying')
            ->key("\u{E00C}");
        $desk->until(fn (): bool => count($desk->all('[data-draft]')) === 4, 'for four drafts');
        $desk->waitFor('[data-lack]', 'still a draft');
        $desk->write('Title', 'Twine tin with a cutter')->key(Page::ENTER);
        $desk->until(fn (): bool => ! $desk->has('[data-draft="title"]'), 'for the touched title to be a draft no more');
        $desk->press('accept the draft: words');
        $desk->until(fn (): bool => ! $desk->has('[data-draft="words"]'), 'for the accepted words');

        $desk
            ->click('[aria-label$="Crop and describe picture 1"]')
            ->see('As the shop shows it')
            ->readsForEveryone('a picture');
        $before = (string) $desk->css('img[src*="/media/"]')->getAttribute('src');
        $desk->driver
            ->action()
            ->moveToElement($desk->css('[data-focal]'), 90, -60)
            ->click()
            ->perform();
        $desk->key("\u{E014}");
        $alt = $desk->css('[data-alt]');
        $alt->clear();
        $alt->sendKeys('A round tin with twine coming out of the lid');
        $desk->press('Save');
        $desk->until(fn (): bool => ! $desk->has('[data-focal]'), 'for the picture to be made');
        self::assertNotSame($before, (string) $desk->css('img[src*="/media/"]')->getAttribute('src'));

        $tags = $desk->css('[data-field="tags"]');
        $tags->sendKeys('gift, spring'.Page::ENTER);
        $desk
            ->open(self::workshop('/at/'.$handle.'/bench/grid'))
            ->see('Bench, as a grid')
            ->readsForEveryone('the grid');
        $desk->until(function () use ($desk): bool {
            $desk->driver->navigate()->refresh();

            return $desk->css('[data-cell="0-2"]')->getAttribute('value') === 'gift, spring';
        }, 'for the tags');
        self::assertSame('Twine tin with a cutter', $desk->css('[data-cell="0-0"]')->getAttribute('value'));
    }

    public function test_several_are_ordered_in_the_grid_put_in_the_window_and_deleted_with_one_step_back(): void
    {
        $desk = $this->desk();
        $handle = $this->newStall($desk);
        for ($n = 1; $n <= 4; $n++) {
            $desk->key('j')->key('x')->see($n === 1 ? '1 item chosen' : $n.' items chosen');
        }
        $desk->see('4 items chosen')->press('Take to the bench')->see('4 items lie on the bench.');
        $desk->open(self::workshop('/at/'.$handle.'/bench/grid'));
        $desk->until(fn (): bool => count($desk->all('[data-grid]')) === 4, 'for their rows');
        $first = $desk->css('[data-cell="0-1"]');
        $first->click();
        $first->sendKeys('Garden');
        $first->sendKeys(["\u{E009}", 'd']);
        $desk->until(
            fn (): bool => $desk->css('[data-cell="3-1"]')->getAttribute('value') === 'Garden',
            'for the column to be filled down',
        );

        $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('On the bench');
        // Some twenty pictures are drawn, fetched and made into sizes meanwhile.
        $desk->untilIn(300, function () use ($desk, $handle): bool {
            $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('On the bench');

            return ! str_contains($desk->text(), 'still being fetched');
        }, 'for all pictures to be fetched');
        $ids = array_map(
            static fn (RemoteWebElement $row): string => (string) $row->getAttribute('data-listing'),
            $desk->all('[data-listing]'),
        );
        $this->meantSo($desk, array_map(static fn (string $id): string => '/at/'.$handle.'/bench/'.$id, $ids));
        $desk->open(self::workshop('/at/'.$handle.'/bench'))->see('On the bench');
        $desk->click('[data-place="lying"] input')->see('4 listings chosen');
        $desk->click('[role="region"] button:last-child')->see('in the window.');
        $desk->until(
            fn (): bool => count($desk->all('[data-place="shown"] [data-listing]')) >= 3,
            'for them to be shown',
        );

        $desk
            ->open(self::workshop('/at/'.$handle.'/bench'))
            ->click('[data-place="shown"] input');
        // One that isn't sold at home lies on the bench still.
        foreach ($desk->all('[data-place="lying"] span > input') as $tick) {
            $tick->click();
        }
        $desk
            ->see('4 listings chosen')
            ->press('Delete')
            ->see('4 listings deleted.')
            ->see('Nothing lies here');
        $desk->still()->press('Take it back')->see('Taken back.');
        $desk->until(fn (): bool => count($desk->all('[data-listing]')) === 4, 'for all to be back');
    }

    private function drag(Page $desk, string $from, string $to): void
    {
        $source = $desk->css($from);
        $target = $desk->css($to);
        $desk->driver
            ->action()
            ->moveToElement($source)
            ->clickAndHold()
            ->moveByOffset(8, 8)
            ->moveToElement($target)
            ->moveByOffset(2, 2)
            ->release()
            ->perform();
    }
}
