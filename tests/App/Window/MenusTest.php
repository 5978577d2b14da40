<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Sections\SectionKinds;
use WindowStall\Window\Sections\Ways;
use WindowStall\Window\Written\ChangePage;
use WindowStall\Window\Written\PageKind;

/** Menus lead everywhere and nowhere into nothing. */
final class MenusTest extends AppTestCase
{
    private Stall $stall;

    private Shelf $shelf;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $listing = $this->world->inWindow($this->stall);
        $this->world->say($listing, ListingPatch::none()->tags(['peas']));
        $this->shelf = app(ChangeShelf::class)->make($this->stall, 'Peas', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['peas']]],
        ]);
    }

    public function test_a_menu_has_two_levels(): void
    {
        $menu = Ways::levels([
            ['words' => 'Sowing', 'leads' => '', 'under' => 'no'],
            ['words' => 'Peas', 'leads' => 'shelf:'.$this->shelf->id, 'under' => 'yes'],
            ['words' => 'Gone', 'leads' => 'shelf:999999', 'under' => 'yes'],
            ['words' => 'Everything', 'leads' => 'all', 'under' => 'no'],
            ['words' => 'Nothing under it', 'leads' => '', 'under' => 'no'],
        ], WindowGoods::of($this->stall));

        self::assertSame([
            ['words' => 'Sowing', 'href' => null, 'under' => [['words' => 'Peas', 'href' => '/shelves/peas']]],
            ['words' => 'Everything', 'href' => '/goods', 'under' => []],
        ], $menu);
    }

    public function test_a_foot_has_several_menus_each_under_its_heading(): void
    {
        $pages = app(ChangePage::class);
        $about = $pages->make($this->stall, PageKind::About, 'About');
        $rows = [
            ['words' => 'Goods', 'leads' => ''],
            ['words' => 'Peas', 'leads' => 'shelf:'.$this->shelf->id],
            ['words' => 'The stall', 'leads' => ''],
            ['words' => 'About', 'leads' => 'page:'.$about->id],
            ['words' => 'Returns', 'leads' => 'policy:returns'],
        ];
        $columns = fn (): array => Ways::columns($rows, WindowGoods::of($this->stall->fresh() ?? $this->stall));
        self::assertSame(['Goods'], array_column($columns(), 'heading'), 'what shoppers don’t see isn’t led to');

        $pages->show($this->stall, $pages->draft($this->stall, $about));
        self::assertSame(['Goods', 'The stall'], array_column($columns(), 'heading'));
        self::assertSame([['words' => 'About', 'href' => '/pages/about']], $columns()[1]['ways']);
    }

    public function test_a_link_takes_the_name_of_what_it_leads_to_until_it_has_words_of_its_own(): void
    {
        $menu = Ways::levels([
            ['words' => '', 'leads' => 'shelf:'.$this->shelf->id, 'under' => 'no'],
            ['words' => 'Our own words', 'leads' => 'all', 'under' => 'no'],
            ['words' => '', 'leads' => 'all', 'under' => 'no'],
            ['words' => '', 'leads' => 'tag:peas', 'under' => 'no'],
        ], WindowGoods::of($this->stall));

        self::assertSame(['Peas', 'Our own words', 'Everything', 'Peas'], array_column($menu, 'words'));
    }

    public function test_what_leads_nowhere_is_counted_in_its_note_until_it_is_mended(): void
    {
        $kind = SectionKinds::get('masthead');
        $settings = $kind->clean(['menu' => [
            ['words' => 'Peas', 'leads' => 'shelf:'.$this->shelf->id],
            ['words' => 'Gone', 'leads' => 'goods:99999999'],
        ]]);
        $note = function () use ($kind, $settings): string {
            $goods = WindowGoods::of($this->stall);

            return $kind->figure($settings, $kind->data($settings, $goods), $goods);
        };
        self::assertSame('1 way leads nowhere', $note());

        app(ChangeShelf::class)->say($this->stall, $this->shelf, ['rule' => ['join' => 'all', 'parts' => []]]);
        self::assertSame('2 ways lead nowhere', $note(), 'nothing stands on the shelf any more');
        app(ChangeShelf::class)->remove($this->stall, $this->shelf);
        self::assertSame('2 ways lead nowhere', $note());
    }
}
