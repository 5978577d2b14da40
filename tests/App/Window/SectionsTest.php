<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use WindowStall\Bench\Listing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Content;
use WindowStall\Window\Sections\Field;
use WindowStall\Window\Sections\SectionKind;
use WindowStall\Window\Sections\SectionKinds;

final class SectionsTest extends AppTestCase
{
    public function test_every_kind_has_defaults_that_pass_and_a_template(): void
    {
        foreach (SectionKinds::all() as $kind) {
            self::assertEquals($kind->clean([]), $kind->clean($kind->clean([])), $kind->key());
            self::assertFileExists(resource_path('shop/sections/'.$kind->key().'.blade.php'));
            self::assertNotSame('', $kind->label());
        }
        self::assertSame(array_unique(array_map(static fn (SectionKind $k): string => $k->key(), SectionKinds::all())), array_map(static fn (SectionKind $k): string => $k->key(), SectionKinds::all()));
    }

    public function test_a_setting_takes_only_what_it_can_show(): void
    {
        $choice = Field::choice('c', 'C', ['a' => 'A'], 'a');
        self::assertSame(['a', 'a', 'a'], [$choice->clean('a'), $choice->clean('b'), $choice->clean(['a'])]);
        $listings = Field::listings('l', 'L', 2);
        self::assertSame([[1, 2], [], [3]], [$listings->clean([1, '2', 2, 5]), $listings->clean('x'), $listings->clean([3, 'y', null])]);
        self::assertSame([4, null], [Field::listing('l', 'L')->clean('4'), Field::listing('l', 'L')->clean('y')]);
        self::assertSame('', Field::line('w', 'W', 5)->clean(null));
        $this->expectException(Refusal::class);
        Field::line('w', 'W', 5)->clean('ééééé!');
    }

    public function test_a_row_shows_the_newest_or_the_chosen_in_their_order(): void
    {
        $stall = $this->world->stall();
        [$one, $two, $three] = array_map(fn (string $id): Listing => $this->world->inWindow($stall, Items::item([Items::variant($id)], 'Item '.$id, id: $id)), ['one', 'two', 'three']);
        $three->update(['shown_since' => now()->subDay()]);
        $this->publish($stall, [['id' => 'r', 'kind' => 'goods', 'settings' => ['which' => 'newest', 'count' => '2', 'heading' => 'Row']]]);
        $this->get($stall->shopAddress('/'))->assertSeeInOrder(['Item two', 'Item one'])->assertDontSee('Item three');
        $this->publish($stall, [['id' => 'r', 'kind' => 'goods', 'settings' => ['which' => 'chosen', 'count' => '4', 'listings' => [$three->id, $one->id, 99_999_999], 'heading' => 'Row']]]);
        $this->get($stall->shopAddress('/'))->assertSeeInOrder(['Item three', 'Item one'])->assertDontSee('Item two');
    }

    public function test_a_row_without_goods_says_so_kindly(): void
    {
        $stall = $this->world->stall();
        $this->get($stall->shopAddress('/'))->assertOk()->assertSee('The stall is being laid out. Come back soon.');
    }

    public function test_notice_and_foot_stand_on_every_page(): void
    {
        $stall = $this->world->stall();
        $this->publish($stall, [['id' => 'n', 'kind' => 'notice', 'settings' => ['words' => 'Closed on Mondays']], ['id' => 'f', 'kind' => 'foot', 'settings' => ['about' => "Two\nlines <b>", 'email' => 'hello@quillet.example']]]);
        $this->get($stall->shopAddress('/basket'))->assertSee('Closed on Mondays')->assertSee("Two<br />\nlines &lt;b&gt;", false)->assertSee('mailto:hello@quillet.example', false);
    }

    /** @param  list<array<string, mixed>>  $sections */
    private function publish(Stall $stall, array $sections): void
    {
        $window = $stall->window()->firstOrFail();
        $window->update(['working' => Content::from(['look' => $window->workingContent()->look->toArray(), 'sections' => $sections])->toArray()]);
        app(\WindowStall\Window\DressWindow::class)->publish($stall, $this->world->keeper());
    }
}
