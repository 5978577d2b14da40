<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Jobs\TurnWindows;
use WindowStall\Window\LinkTarget;
use WindowStall\Window\Section;
use WindowStall\Window\Sections\SectionField;
use WindowStall\Window\Sections\SectionKind;
use WindowStall\Window\Sections\SectionKinds;
use WindowStall\Window\Sections\TileRow;
use WindowStall\Window\Window;

final class SectionsTest extends AppTestCase
{
    public function test_every_kind_has_defaults_that_pass_and_a_template(): void
    {
        foreach (SectionKinds::all() as $kind) {
            self::assertEquals($kind->clean([]), $kind->clean($kind->clean([])), $kind->key());
            self::assertFileExists(resource_path('shop/sections/'.$kind->key().'.blade.php'));
            self::assertNotSame('', $kind->label());
        }
        self::assertSame(
            array_unique(array_map(static fn (SectionKind $k): string => $k->key(), SectionKinds::all())),
            array_map(static fn (SectionKind $k): string => $k->key(), SectionKinds::all()),
        );
    }

    public function test_a_setting_takes_only_what_it_can_show(): void
    {
        $choice = SectionField::choice('c', 'C', ['a' => 'A'], 'a');
        self::assertSame(['a', 'a', 'a'], [$choice->clean('a'), $choice->clean('b'), $choice->clean(['a'])]);
        $listings = SectionField::listings('l', 'L', 2);
        self::assertSame(
            [[1, 2], [], [3]],
            [$listings->clean([1, '2', 2, 5]), $listings->clean('x'), $listings->clean([3, 'y', null])],
        );
        self::assertSame([4, null], [SectionField::listing('l', 'L')->clean('4'), SectionField::listing('l', 'L')->clean('y')]);
        self::assertSame('', SectionField::line('w', 'W', 5)->clean(null));
        $this->expectException(Refusal::class);
        SectionField::line('w', 'W', 5)->clean('ééééé!');
    }

    public function test_a_row_shows_the_newest_or_the_chosen_in_their_order(): void
    {
        $stall = $this->world->stall();
        [$one, $two, $three] = array_map(
            fn (string $id): Listing => $this->world->inWindow(
                $stall,
                Items::item([Items::variant($id)], 'Item '.$id, id: $id),
            ),
            ['one', 'two', 'three'],
        );
        $three->update(['shown_since' => now()->subDay()]);
        $this->publish($stall, [
            ['id' => 'r', 'kind' => 'goods', 'settings' => ['which' => 'newest', 'count' => '2', 'heading' => 'Row']],
        ]);
        $this->get($stall->shopAddress('/'))
            ->assertSeeInOrder(['Item two', 'Item one'])
            ->assertDontSee('Item three');
        $this->publish($stall, [
            [
                'id' => 'r',
                'kind' => 'goods',
                'settings' => [
                    'which' => 'chosen',
                    'count' => '4',
                    'listings' => [$three->id, $one->id, 99_999_999],
                    'heading' => 'Row',
                ],
            ],
        ]);
        $this->get($stall->shopAddress('/'))
            ->assertSeeInOrder(['Item three', 'Item one'])
            ->assertDontSee('Item two');
    }

    public function test_a_shop_without_goods_says_nothing_that_nobody_chose(): void
    {
        $stall = $this->world->stall();
        $this->get($stall->shopAddress('/'))->assertOk()->assertSee('<h1 class="sr">', false)->assertDontSee('Come back');
    }

    public function test_notice_and_foot_stand_on_every_page(): void
    {
        $stall = $this->world->stall();
        $this->publish($stall, [
            ['id' => 'n', 'kind' => 'notice', 'settings' => ['messages' => [['words' => 'Closed on Mondays']]]],
            [
                'id' => 'f',
                'kind' => 'foot',
                'settings' => ['about' => "Two\nlines <b>", 'email' => 'hello@quillet.example'],
            ],
        ]);
        $this->get($stall->shopAddress('/basket'))
            ->assertSee('Closed on Mondays')
            ->assertSee("Two<br />\nlines &lt;b&gt;", false)
            ->assertSee('mailto:hello@quillet.example', false);
    }

    public function test_each_rule_of_a_row_shows_what_it_says(): void
    {
        $stall = $this->world->stall();
        $at = fn (string $id, int $cost): Listing => $this->world->inWindow(
            $stall,
            Items::item([Items::variant($id, $cost)], 'Item '.$id, id: $id),
        );
        [$cheap, $dear] = [$at('cheap', 300), $at('dear', 4_000)];
        $dear->update(['own_tags' => ['gift']]);
        $row = fn (array $settings): TestResponse => $this->shown($stall, [
            ['id' => 'r', 'kind' => 'goods', 'settings' => $settings],
        ]);
        $row(['which' => 'tag', 'tag' => 'gift'])
            ->assertSee('Item dear')
            ->assertDontSee('Item cheap');
        $row(['which' => 'under', 'under' => '20'])
            ->assertSee('Item cheap')
            ->assertDontSee('Item dear');
        $row(['which' => 'keeping', 'count' => '2'])->assertSeeInOrder(['Item dear', 'Item cheap']);
        // Nothing was sold, so nothing is said to have been.
        $row(['which' => 'selling', 'heading' => 'What others took'])->assertDontSee('What others took');
        self::assertSame([], WindowGoods::of($stall)->under('12.345', 5), 'finer than the currency has');
    }

    public function test_what_sold_best_is_counted_from_what_was_paid(): void
    {
        $stall = $this->world->stall();
        $one = $this->world->inWindow($stall, Items::item([Items::variant('one')], 'Item one', id: 'one'));
        $two = $this->world->inWindow($stall, Items::item([Items::variant('two')], 'Item two', id: 'two'));
        $this->sold($stall, $one, 2, paid: true);
        $this->sold($stall, $two, 1, paid: true);
        $this->sold($stall, $two, 9, paid: false);
        self::assertSame(
            [$one->id, $two->id],
            array_map(static fn (GoodCard $c): int => $c->id, WindowGoods::of($stall)->bestSelling(4)),
        );
    }

    public function test_tiles_lead_to_their_tag_and_one_that_leads_nowhere_is_left_out_and_counted(): void
    {
        $stall = $this->world->stall();
        $this->world->say($this->world->inWindow($stall), ListingPatch::none()->tags(['Under glass']));
        $tiles = [
            'tiles' => [['leads' => 'tag:Under glass', 'words' => ''], ['leads' => 'tag:gone', 'words' => 'Gone']],
        ];
        $this->shown($stall, [['id' => 't', 'kind' => 'tiles', 'settings' => $tiles]])
            ->assertSee('/tagged/under-glass', false)
            ->assertDontSee('Gone');
        $this->get($stall->shopAddress('/tagged/under-glass'))
            ->assertOk()
            ->assertSee('Under glass')
            ->assertSee('Garden Trowel NEW');
        $this->get($stall->shopAddress('/tagged/gone'))->assertNotFound();
        $kind = SectionKinds::get('tiles');
        $settings = $kind->clean($tiles);
        $goods = WindowGoods::of($stall);
        self::assertSame('1 of them leads nowhere', $kind->figure($settings, $kind->data($settings, $goods), $goods));
    }

    public function test_no_two_tiles_lead_with_one_picture_where_there_is_another(): void
    {
        $stall = $this->world->stall();
        foreach (['one', 'two', 'three'] as $id) {
            $listing = $this->world->inWindow($stall, Items::item([Items::variant($id)], 'Item '.$id, id: $id));
            $this->world->say($listing, ListingPatch::none()->tags($id === 'one' ? ['tools'] : ['tools', 'gifts']));
            Picture::query()->where('listing_id', $listing->id)->update([
                'alt' => $id, 'state' => Picture::READY, 'path' => $id, 'width' => 800, 'height' => 800,
            ]);
            event(new ListingsChanged($stall, [$listing->id]));
        }
        $kind = SectionKinds::get('tiles');
        $settings = $kind->clean(['tiles' => [['leads' => 'tag:tools'], ['leads' => 'tag:gifts'], ['leads' => 'all']]]);
        $tiles = $kind->data($settings, WindowGoods::of($stall))['tiles'];
        self::assertIsArray($tiles);
        self::assertSame(
            ['three', 'two', 'one'],
            array_map(static fn (TileRow $t): ?string => $t->picture?->alt, $tiles),
        );
    }

    public function test_promises_from_the_terms_say_what_the_stall_keeps(): void
    {
        $stall = $this->world->stall();
        $this->world->inWindow($stall);
        $this->shown($stall, [['id' => 'p', 'kind' => 'promises']])
            ->assertSee('With you in 3 to 6 days')
            ->assertSee('£2.95 for delivery')
            ->assertSee('VAT is in the price');
        $stall->update(['flat_delivery_minor' => 0]);
        $this->shown($stall->refresh(), [['id' => 'p', 'kind' => 'promises']])->assertSee('Delivery is free');
    }

    public function test_what_nobody_said_stays_away_from_the_shop_and_says_why_in_the_margin(): void
    {
        $stall = $this->world->stall();
        $empty = [
            ['id' => 'a', 'kind' => 'said', 'settings' => ['heading' => 'They said']],
            ['id' => 'b', 'kind' => 'questions', 'settings' => ['heading' => 'They asked']],
            ['id' => 'c', 'kind' => 'gallery', 'settings' => ['heading' => 'Seen']],
        ];
        $this->shown($stall, $empty)->assertDontSee('They said')->assertDontSee('They asked')->assertDontSee('Seen');
        foreach (['said', 'questions', 'gallery', 'notice', 'tiles', 'story', 'words', 'signup'] as $key) {
            $kind = SectionKinds::get($key);
            $settings = $kind->clean([]);
            self::assertNotNull($kind->stays($settings, $kind->data($settings, WindowGoods::of($stall))), $key);
        }
    }

    public function test_a_section_shows_on_its_days_and_screens_and_pages_turn_by_the_calendar(): void
    {
        $stall = $this->world->stall();
        $listing = $this->world->inWindow($stall);
        $words = static fn (string $id, array $showing): array => [
            'id' => $id,
            'kind' => 'words',
            'settings' => ['words' => 'Words '.$id],
            'showing' => $showing,
        ];
        $this->travelTo('2027-03-01 12:00:00');
        $this->publish($stall, [
            $words('now', ['until' => '2027-03-01']),
            $words('then', ['from' => '2027-03-02']),
            $words('never', ['hidden' => true]),
            $words('phone', ['on' => 'phone']),
        ]);
        $this->get($stall->shopAddress('/'))
            ->assertSee('Words now')
            ->assertDontSee('Words then')
            ->assertDontSee('Words never')
            ->assertSee('on-phone', false);
        $this->travelTo('2027-03-02 00:00:30');
        (new TurnWindows())->handle(app(DressWindow::class));
        $this->get($stall->shopAddress('/'))->assertDontSee('Words now')->assertSee('Words then');
        self::assertNull(Window::query()->findOrFail($stall->id)->turns_at, 'nothing more to turn');
        $this->get($stall->shopAddress('/goods/'.$listing->slug))->assertOk();
    }

    public function test_an_address_that_isnt_one_is_refused_in_words(): void
    {
        foreach (
            [
                'javascript:alert(1)',
                'data:text/html,x',
                '//evil.example',
                'https://',
                'goods:x',
                'ftp://a.example',
                'at:<x>',
            ] as $address
        ) {
            try {
                LinkTarget::from($address);
                self::fail($address);
            } catch (Refusal $e) {
                self::assertStringContainsString('is no address', $e->getMessage());
            }
        }
        self::assertSame('mailto:hello@quillet.example', LinkTarget::from(' mailto:hello@quillet.example ')->said);
    }

    public function test_words_from_a_word_processor_and_of_other_scripts_stay_words(): void
    {
        $stall = $this->world->stall();
        $said = "<p class=MsoNormal style='x'>Soil <o:p></o:p></p>\n\nمرحبا بالعالم 🌱\u{202E}";
        $this->shown($stall, [['id' => 'w', 'kind' => 'words', 'settings' => ['words' => $said]]])
            ->assertSee('&lt;p class=MsoNormal', false)
            ->assertSee('<p>مرحبا', false);
    }

    public function test_a_menu_of_the_masthead_stands_on_every_page_and_skips_what_is_gone(): void
    {
        $stall = $this->world->stall();
        $this->world->inWindow($stall);
        $menu = [['words' => 'Everything', 'leads' => 'all'], ['words' => 'Gone', 'leads' => 'goods:99999999']];
        $this->publish($stall, [
            ['id' => 'm', 'kind' => 'masthead', 'settings' => ['menu' => $menu, 'place' => 'middle']],
        ]);
        $this->get($stall->shopAddress('/basket'))
            ->assertSee('href="/goods">Everything', false)
            ->assertDontSee('Gone')
            ->assertSee('place-middle', false);
        $this->get($stall->shopAddress('/goods'))
            ->assertOk()
            ->assertSee('Everything on the stall')
            ->assertSee('Garden Trowel NEW');
        $this->get($stall->shopAddress('/goods?page[]=x'))->assertOk();
    }

    public function test_there_is_always_one_masthead(): void
    {
        $look = Window::of($this->world->stall())->firstOrFail()->workingContent()->look->toArray();
        $kinds = static fn (array $sections): array => array_map(
            static fn (Section $s): string => $s->kind->key(),
            Content::from(['look' => $look, 'sections' => $sections])->sections,
        );
        self::assertSame(['notice', 'masthead', 'foot'], $kinds([['kind' => 'notice'], ['kind' => 'foot']]));
        self::assertSame(
            ['masthead', 'foot'],
            $kinds([['kind' => 'masthead'], ['kind' => 'foot'], ['kind' => 'masthead']]),
        );
    }

    /**
     * @param  list<array<string, mixed>>  $sections
     * @return TestResponse<Response> the front page
     */
    private function shown(Stall $stall, array $sections): TestResponse
    {
        $this->publish($stall, $sections);

        return $this->get($stall->shopAddress('/'))->assertOk();
    }

    private function sold(Stall $stall, Listing $listing, int $quantity, bool $paid): void
    {
        $this->world->order($stall, $listing->variants()->firstOrFail(), $quantity, $paid ? now() : null);
    }

    /** @param  list<array<string, mixed>>  $sections */
    private function publish(Stall $stall, array $sections): void
    {
        $window = Window::of($stall)->firstOrFail();
        $window->update([
            'working' => Content::from([
                'look' => $window->workingContent()->look->toArray(),
                'sections' => $sections,
            ])->toArray(),
        ]);
        app(DressWindow::class)->publish($stall, $this->world->keeper());
    }
}
