<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Jobs\MakeGoodsCard;
use WindowStall\Window\Policies\PolicyVersion;

/** The page of one of the goods: what is sold out, which picture stands first, where it leads on. */
final class GoodsPageTest extends AppTestCase
{
    private Stall $stall;

    private Listing $pot;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->pot = $this->world->inWindow($this->stall, Items::item([
            Items::variant('red', 540, 4, 'Red'),
            Items::variant('green', 540, 0, 'Green'),
        ], 'Pot', id: 'pot'));
        $this->world->say($this->pot, ListingPatch::none()
            ->names(['Clr' => ['as' => 'Colour', 'values' => []]])
            ->and(ListingPatch::none()->cell('type', 'Pots'), ListingPatch::none()->tags(['glut'])));
    }

    public function test_a_value_of_which_nothing_can_be_bought_is_said_to_be_sold_out(): void
    {
        $html = $this->page();

        self::assertMatchesRegularExpression('#value="Green"[^>]*>\s*<span>.*?<b>Green</b> <small>sold out</small>#s', $html);
        self::assertDoesNotMatchRegularExpression('#<b>Red</b> <small>sold out#', $html);
        self::assertStringContainsString('class="swatch"', $html, 'a colour is shown as one');
    }

    public function test_the_picture_of_the_chosen_value_stands_first_without_a_script(): void
    {
        Picture::query()->where('listing_id', $this->pot->id)->firstOrFail()->replicate()->fill([
            'source' => 'http://oakum.standins.localhost/green.png',
            'shows' => 'Green',
        ])->save();
        $ids = Picture::query()->where('listing_id', $this->pot->id)->orderBy('id')->pluck('id')->map(intval(...));
        $this->world->say($this->pot, ListingPatch::none()->pictures(array_values($ids->all())));

        self::assertStringContainsString('.product:has(#o-0-1:checked) #picture-1{order:-1', $this->page());
    }

    public function test_what_is_shared_goes_with_a_picture_composed_of_it_in_the_look(): void
    {
        $queue = Queue::fake();
        $this->world->say($this->pot, ListingPatch::none()->pictures([]));
        self::assertStringNotContainsString('og:image', $this->page(), 'without pictures nothing is composed');
        $this->get($this->shared('front'))->assertNotFound();
        $this->get($this->shared('goods/'.$this->pot->slug))->assertNotFound();

        $this->world->say($this->pot, ListingPatch::none()->pictures(null));
        $picture = Picture::query()->where('listing_id', $this->pot->id)->firstOrFail();
        $shelf = app(ChangeShelf::class)->make($this->stall, 'Glut', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['glut']]],
        ]);
        $pages = ['goods/'.$this->pot->slug, 'shelves/'.$shelf->slug, 'front'];
        foreach ($pages as $page) {
            $at = $this->stall->shopAddress($page === 'front' ? '/' : '/'.$page);
            $this->get($at)->assertSee('og:image" content="'.$this->shared($page), false);
            // Nobody waits for it to be composed.
            $this->get($this->shared($page))->assertRedirectContains((string) $picture->path);
        }
        $queue->assertPushed(MakeGoodsCard::class, 1);
        ob_start();
        imagewebp(imagecreatetruecolor(640, 640) ?: throw new \LogicException);
        Storage::disk('media')->put($picture->path.'-640.webp', (string) ob_get_clean());
        $queue->pushed(MakeGoodsCard::class)->each(static fn (MakeGoodsCard $job) => $job->handle());
        foreach ($pages as $page) {
            $to = (string) $this->get($this->shared($page))->assertRedirect()->headers->get('Location');
            $bytes = (string) Storage::disk('media')->get($this->stall->id.'/shared/'.basename($to));
            $card = imagecreatefromstring($bytes);
            self::assertNotFalse($card);
            self::assertSame([1200, 630], [imagesx($card), imagesy($card)]);
        }
        $this->get($this->shared('goods/nothing-here'))->assertNotFound();
    }

    public function test_it_leads_on_to_its_shelf_and_to_what_stands_there(): void
    {
        $bowl = $this->world->inWindow($this->stall, Items::item([Items::variant('b')], 'Bowl', id: 'bowl'));
        $away = $this->world->inWindow($this->stall, Items::item([Items::variant('c')], 'Away', id: 'away'));
        $this->world->say($bowl, ListingPatch::none()->tags(['glut']));
        app(ChangeShelf::class)->make($this->stall, 'Pots and bowls', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['glut']]],
        ]);
        $html = $this->page();

        self::assertStringContainsString('href="/shelves/pots-and-bowls"', $html);
        self::assertStringContainsString('/goods/'.$bowl->slug, $html);
        self::assertStringNotContainsString('/goods/'.$away->slug, $html);
        self::assertMatchesRegularExpression('#What it is</th><td>Pots#', $html);
        self::assertStringContainsString('og:type" content="product', $html);
    }

    public function test_a_card_of_a_list_of_many_says_what_the_whole_of_its_figures_says(): void
    {
        $ids = [$this->pot->id];
        $ids[] = $this->world->inWindow($this->stall, Items::item([Items::variant('b', 900), Items::variant('c')], id: 'b'))->id;
        $reduced = $this->world->inWindow($this->stall, Items::item([Items::variant('d')], id: 'd'));
        $this->world->say($reduced, ListingPatch::none()
            ->words('<p>Forged by hand. Oiled.</p>')
            ->was(array_values($reduced->variants()->pluck('id')->map(intval(...))->all()), $this->stall->money(9_900)));
        $ids[] = $reduced->id;
        $told = static fn (GoodCard $card): array => ['picture' => $card->picture?->path, 'tag' => (array) $card->tag] + get_object_vars($card);
        $many = WindowGoods::of($this->stall)->many($ids);

        self::assertSame(
            array_map($told, WindowGoods::of($this->stall)->only($ids)),
            array_map($told, $many),
        );
        self::assertSame('£99.00', $many[2]->was);
    }

    public function test_a_ready_page_goes_when_something_it_leads_on_to_changes_and_stays_when_another_does(): void
    {
        [$bowl, $away] = array_map(
            fn (string $id): Listing => $this->world->inWindow(
                $this->stall,
                Items::item([Items::variant($id)], 'Item '.$id, id: $id),
            ),
            ['bowl', 'away'],
        );
        $this->world->say($bowl, ListingPatch::none()->tags(['glut']));
        app(ChangeShelf::class)->make($this->stall, 'Glut', [
            'join' => 'all',
            'parts' => [['field' => 'tag', 'names' => ['glut']]],
        ]);
        $ready = fn (): bool => is_file(storage_path(
            'pages/'.$this->stall->handle.'.shops.localhost/current/goods/'.$this->pot->refresh()->slug.'.html',
        ));
        $this->page();
        self::assertTrue($ready());

        StalePages::goods($this->stall, [$away->slug]);
        self::assertTrue($ready(), 'it shows nothing of that');
        StalePages::goods($this->stall, [$bowl->refresh()->slug]);
        self::assertFalse($ready(), 'it shows what that one costs');
    }

    public function test_returns_are_told_as_the_published_policy_has_them(): void
    {
        self::assertStringNotContainsString('More on returns', $this->page());
        PolicyVersion::of($this->stall)->create([
            'kind' => 'returns',
            'number' => 1,
            'words' => ['period' => 'You can send things back within 30 days.'],
            'published_at' => now(),
        ]);
        StalePages::frame($this->stall);

        self::assertStringContainsString('You can send things back within 30 days.', $this->page());
    }

    public function test_what_isnt_there_is_said_in_the_shops_look_with_ways_on(): void
    {
        foreach (['/nowhere', '/goods/gone', '/tagged/gone', '/deep/er/still.php'] as $path) {
            $this->get($this->stall->shopAddress($path))
                ->assertNotFound()
                ->assertSee('What are you looking for?')
                ->assertSee('masthead');
        }
    }

    private function page(): string
    {
        return (string) $this->get($this->stall->shopAddress('/goods/'.$this->pot->refresh()->slug))
            ->assertOk()
            ->getContent();
    }

    private function shared(string $page): string
    {
        return $this->stall->shopAddress('/shared/'.$page.'.jpg');
    }
}
