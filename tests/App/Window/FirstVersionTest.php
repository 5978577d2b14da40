<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Section;
use WindowStall\Window\Window;

/** A whole homepage from the goods there are, of facts only. */
final class FirstVersionTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_a_page_is_made_from_goods_tags_and_terms(): void
    {
        $trowel = $this->world->inWindow($this->stall, Items::item([Items::variant('a', 900)], 'Ash trowel', id: 'a'));
        $this->world
            ->inWindow($this->stall, Items::item([Items::variant('b', 300)], 'Twine', id: 'b'))
            ->update(['own_tags' => ['Tying']]);
        $heroes = $this->getJson(route('window.first', $this->stall))->assertOk()->json('heroes');
        self::assertSame(['Ash trowel', 'Twine'], array_column($heroes, 'title'), 'what keeps most leads');
        $this->postJson(route('window.first.store', $this->stall), ['hero' => $trowel->id, 'look' => 'barrow'])
            ->assertOk()
            ->assertJsonPath('look.name', 'Barrow');
        $content = Window::query()->findOrFail($this->stall->id)->workingContent();
        self::assertSame(
            ['notice', 'masthead', 'hero', 'tiles', 'goods', 'goods', 'promises', 'questions', 'foot'],
            array_map(static fn (Section $s): string => $s->kind->key(), $content->sections),
        );
        $rows = array_filter($content->sections, static fn (Section $s): bool => $s->kind->key() === 'goods');
        self::assertNotContains('', array_map(static fn (Section $s): mixed => $s->settings['heading'], $rows));
        $this->get($this->stall->shopAddress('/'))->assertDontSee('With you in');
        $this->postJson(route('window.publish', $this->stall));
        $this->get($this->stall->shopAddress('/'))
            ->assertOk()
            ->assertSee('Ash trowel')
            ->assertSee('/tagged/tying', false)
            ->assertSee('With you in 3 to 6 days')
            ->assertSee('£2.95 for a whole order, however much is in it.')
            ->assertSee('Yes. What you read is what you pay.')
            ->assertSee('build-barrow', false);
    }

    public function test_without_goods_there_is_nothing_to_make_it_of(): void
    {
        $this->getJson(route('window.first', $this->stall))->assertJsonPath('heroes', []);
        $before = Window::query()->findOrFail($this->stall->id)->working;
        $this->postJson(route('window.first.store', $this->stall), ['hero' => 1, 'look' => 'barrow'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Put something in the window first: the page is made from what is there.');
        $other = $this->world->inWindow($this->world->stall());
        $this->postJson(route('window.first.store', $this->stall), [
            'hero' => $other->id,
            'look' => 'barrow',
        ])->assertUnprocessable();
        $mine = $this->world->inWindow($this->stall);
        $this->postJson(route('window.first.store', $this->stall), ['hero' => $mine->id, 'look' => 'other'])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'There is no such look.');
        self::assertEquals($before, Window::query()->findOrFail($this->stall->id)->working);
    }

    public function test_a_long_description_ends_at_a_word(): void
    {
        $listing = $this->world->inWindow($this->stall);
        $listing->update([
            'own_words' => '<p>Three-ply jute that ties soft, holds through a season and rots down with the beans.</p>',
        ]);
        $card = WindowGoods::of($this->stall)->only([$listing->id])[0];
        self::assertSame('Three-ply jute that ties soft, holds through a season and rots down…', $card->gist);
        $this->postJson(route('window.first.store', $this->stall), [
            'hero' => $listing->id,
            'look' => 'plaster',
        ])->assertOk();
        self::assertSame(
            $card->gist,
            Window::query()->findOrFail($this->stall->id)->workingContent()->section('hero')?->settings['under'],
        );
    }
}
