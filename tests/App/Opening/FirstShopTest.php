<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Sleep;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Core\Source\Item;
use WindowStall\Opening\FirstShop;
use WindowStall\Opening\Jobs\LayOutShop;
use WindowStall\Opening\LayOut;
use WindowStall\Runs\RunState;
use WindowStall\Shelves\Shelf;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;
use WindowStall\Window\Window;

/** A first shop from one sentence: goods proposed, taken, named, shelved, laid out in three ways, and agreed to. */
final class FirstShopTest extends AppTestCase
{
    private const SENTENCE = ['name' => 'Two Rows', 'sentence' => 'trowels and twine for allotments', 'colours' => ['#0A5C36']];

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        Sleep::fake();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_goods_are_proposed_taken_and_laid_out_and_shoppers_see_nothing_of_it(): void
    {
        $this->supplied();
        $first = $this->lay();
        self::assertSame(RunState::Done, $first->run?->state);
        $titles = Listing::of($this->stall)->whereKey($first->listings())->pluck('own_title')->all();
        self::assertCount(3, $titles, 'two trowels and the twine; the mug is something else, the dear parcel a trap');
        self::assertNotContains(null, $titles, 'each has a drafted title');
        self::assertSame(0, Listing::of($this->stall)->where('state', ListingState::InWindow)->count());
        $shelf = Shelf::of($this->stall)->sole();
        self::assertSame('Hand tools', $shelf->name);
        $view = $this->getJson(route('opening.first.now', $this->stall))->assertOk();
        self::assertSame([0, 1, 2], array_column($view->json('ways'), 'way'));
        self::assertCount(3, array_unique(array_column($view->json('ways'), 'look')));
        self::assertNotEmpty($view->json('goods.0.words'));

        $title = $view->json('goods.0.title');
        foreach ($view->json('ways') as $way) {
            $this->get($way['front'])->assertOk()->assertSee('Two Rows')->assertSee($title);
            $this->get($way['goods'])->assertOk()->assertSee($title);
        }
        $this->get($view->json('ways.2.front'))->assertSee('Hand tools')->assertSee('#0a5c36', false);
        $this->get($this->stall->shopAddress('/'))->assertDontSee($title);
        $this->get($this->stall->shopAddress('/shelves/'.$shelf->slug))->assertDontSee($title);
    }

    public function test_agreeing_puts_the_goods_in_the_window_and_publishes_the_way_chosen(): void
    {
        $this->supplied();
        $first = $this->lay();
        $out = $first->listings()[2];
        $this->putJson(route('opening.first.leave-out', $this->stall), ['listings' => [$out]])
            ->assertOk()
            ->assertJsonPath('goods.2.leftOut', true);
        $this->postJson(route('opening.first.agree', $this->stall), ['way' => 2])
            ->assertOk()
            ->assertJsonPath('words', '2 things are in the window, and the front page is published. Shoppers see it now.')
            ->assertJsonPath('left', [])
            ->assertJsonPath('first.shown', true);
        $shown = Listing::of($this->stall)->where('state', ListingState::InWindow)->pluck('id')->all();
        self::assertEqualsCanonicalizing(array_slice($first->listings(), 0, 2), $shown);
        $this->get($this->stall->shopAddress('/'))
            ->assertSee('Two Rows')
            ->assertSee('Trowels and twine for allotments')
            ->assertSee(Listing::of($this->stall)->findOrFail((int) $shown[0])->shown_title);
        $samples = implode(' ', Window::query()->findOrFail($this->stall->id)->sample_words);
        self::assertStringNotContainsString('allotments', $samples, 'what the seller said is no sample');
        self::assertStringContainsString('Before you ask', $samples);

        $this->postJson(route('opening.first.agree', $this->stall), ['way' => 0])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'This shop is in the window already.');
        $this->putJson(route('opening.first.leave-out', $this->stall), ['listings' => []])->assertUnprocessable();
    }

    public function test_begun_again_after_it_broke_off_nothing_is_taken_or_shelved_twice(): void
    {
        $this->supplied();
        $first = $this->begun();
        $lay = app(LayOut::class);
        $stall = Stall::query()->with(['rates', 'recipes', 'marketRows'])->findOrFail($this->stall->id);
        OneStall::enter($this->stall->id);
        foreach (range(1, 2) as $time) {
            $lay->propose($stall, $first);
            $lay->take($stall, $first);
            $lay->clean($stall, $first, null);
            self::assertSame([], $lay->write($stall, $first, null));
            $lay->shelve($stall, $first);
        }
        self::assertSame(3, Listing::of($this->stall)->count());
        self::assertSame(1, Shelf::of($this->stall)->count());
        self::assertCount(3, array_unique($first->listings()));
    }

    public function test_laid_out_anew_the_same_goods_may_be_chosen_again_but_none_that_were_shown_since(): void
    {
        $this->supplied();
        $first = $this->lay();
        $again = $this->lay();
        self::assertEqualsCanonicalizing($first->listings(), $again->listings());
        self::assertSame(3, Listing::of($this->stall)->count(), 'none was taken twice');

        Listing::of($this->stall)->whereKey($first->listings()[0])->update(['state' => ListingState::InWindow]);
        self::assertEqualsCanonicalizing(array_slice($first->listings(), 1), $this->lay()->listings());
    }

    public function test_what_cannot_be_begun_says_why(): void
    {
        $begin = fn (array $said = []) => $this->postJson(route('opening.first.begin', $this->stall), $said + self::SENTENCE);
        $begin()->assertUnprocessable()
            ->assertJsonPath('message', 'Connect a supplier first: the goods are chosen from what your suppliers have.');
        $this->supplied();
        $begin(['sentence' => 'the best things for you'])->assertUnprocessable()
            ->assertJsonPath('message', 'Say what the shop sells in words such as “tools and twine for vegetable plots”.');
        $begin(['colours' => ['red']])->assertUnprocessable()->assertJsonPath('message', 'A shop has three colours at the most.');
        $begin(['picture' => 4])->assertUnprocessable()
            ->assertJsonPath('message', 'That picture isn’t there any more. Choose it again.');
        $this->postJson(route('opening.first.agree', $this->stall), ['way' => 0])->assertUnprocessable()
            ->assertJsonPath('message', 'There is no first shop yet. Lay one out.');
        Queue::fake([LayOutShop::class]);
        $begin()->assertOk();
        $begin()->assertUnprocessable()
            ->assertJsonPath('message', 'A first shop is being laid out already. Wait until it is there.');
        $this->postJson(route('opening.first.agree', $this->stall), ['way' => 0])->assertUnprocessable()
            ->assertJsonPath('message', 'It isn’t laid out yet.');
    }

    public function test_where_nothing_answers_the_run_says_so(): void
    {
        $this->supplied();
        $first = $this->begun('sundials');
        OneStall::within($this->stall->id, static fn () => app()->call([new LayOutShop((int) $first->run_id), 'handle']));
        self::assertSame(
            'Nothing that your suppliers have answers to these words. Say it with others, or connect a supplier.',
            $first->run()->sole()->trouble,
        );
        $this->getJson(route('opening.first.now', $this->stall))->assertJsonPath('ways', [])->assertJsonPath('goods', []);
    }

    /** Two trowels and twine worth having, a trowel that is dear to send, and a mug. */
    private function supplied(): void
    {
        $this->world->pull(
            $this->stall,
            self::item('t1', 'Ash Wood Hand Trowel Stainless Steel', 'Garden > Hand tools', 400),
            self::item('t2', 'Copper Transplanting Trowel', 'Hand tools', 700),
            self::item('t3', 'Tiny Trowel', 'Hand tools', 20),
            self::item('w1', 'Jute Twine Ball Natural', 'Tying', 300),
            self::item('m1', 'Enamel Mug', 'Kitchen', 400),
        );
    }

    private static function item(string $id, string $title, string $category, int $cost): Item
    {
        $item = Items::item([Items::variant($id.'-v', $cost)], $title, id: $id);

        return Item::fromArray(['category' => $category] + $item->toArray());
    }

    private function begun(string $sentence = self::SENTENCE['sentence']): FirstShop
    {
        Queue::fake([LayOutShop::class]);
        $this->postJson(route('opening.first.begin', $this->stall), ['sentence' => $sentence] + self::SENTENCE)->assertOk();

        return FirstShop::latest($this->stall) ?? self::fail('Nothing was begun.');
    }

    private function lay(): FirstShop
    {
        $first = $this->begun();
        OneStall::within($this->stall->id, static fn () => app()->call([new LayOutShop((int) $first->run_id), 'handle']));
        foreach (Listing::of($this->stall)->get() as $listing) {
            Picture::query()->where('listing_id', $listing->id)->update([
                'state' => Picture::READY,
                'path' => 'x/'.$listing->id.'/0123456789abcdef',
                'width' => 1200,
                'height' => 1200,
            ]);
        }

        return $first->refresh();
    }
}
