<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Bench;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Many listings at once: those that can be shown are, every other one says why. */
final class WindowPlacingTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
    }

    public function test_the_ready_ones_go_and_each_other_tells_what_it_lacks(): void
    {
        $ready = $this->listing('ready');
        $untitled = $this->listing('untitled');
        $this->world->say($untitled, ListingPatch::none()->title(''));
        $unpictured = $this->listing('unpictured');
        Picture::query()
            ->where('listing_id', $unpictured->id)
            ->update(['state' => Picture::WAITING]);
        $soldOut = $this->listing('soldout', stock: 0);
        $off = $this->listing('off');
        $this->world->say(
            $off,
            ListingPatch::none()->switched(array_values($off->variants()->pluck('id')->all()), false),
        );

        $answer = $this->place([$ready, $untitled, $unpictured, $soldOut, $off])->assertOk();
        $answer
            ->assertJsonCount(1, 'placed')
            ->assertJsonPath('placed.0.id', $ready->id)
            ->assertJsonPath('placed.0.url', $this->stall->shopAddress('/goods/item-ready'));
        self::assertSame(
            [
                $untitled->id => ['title', 'It has no title.'],
                $unpictured->id => ['pictures', 'Its pictures are still being fetched from the supplier.'],
                $soldOut->id => ['variants', 'Every variant that is switched on is sold out at the supplier.'],
                $off->id => ['variants', 'No variant is switched on.'],
            ],
            collect((array) $answer->json('left'))
                ->mapWithKeys(fn (array $l): array => [$l['id'] => [$l['lacks'][0]['place'], $l['lacks'][0]['words']]])
                ->all(),
        );
        self::assertSame(
            [ListingState::InWindow, ListingState::OnBench],
            [$ready->refresh()->state, $untitled->refresh()->state],
        );
    }

    public function test_putting_the_same_in_twice_changes_nothing(): void
    {
        $listing = $this->listing('a');
        $this->place([$listing]);
        $since = $listing->refresh()->shown_since;
        $this->travel(1)->hours();
        $this->place([$listing])->assertJsonCount(1, 'placed');
        self::assertEquals($since, $listing->refresh()->shown_since);
    }

    public function test_a_listing_in_the_window_that_begins_to_lose_money_is_marked(): void
    {
        $listing = $this->listing('a');
        $this->world->say(
            $listing,
            ListingPatch::none()->price([$listing->variants()->firstOrFail()->id], $this->stall->money(1200)),
        );
        $this->place([$listing])->assertJsonCount(1, 'placed');
        $this->world->pull($this->stall, Items::item([Items::variant('a', 2400)], 'Item a', id: 'a'));
        $this->get(route('bench', $this->stall))->assertInertia(
            fn ($page) => $page
                ->where('shown.rows.0.loses', true)
                ->where('shown.rows.0.fromLoses', true)
                ->where('shown.rows.0.state', 'in_window')
                ->where('shown.rows.0.lacks.0.place', 'price')
                ->where('shown.rows.0.changes', 1),
        );
        $this->get(route('drift', $this->stall))->assertInertia(
            fn ($page) => $page->where('desk.groups.0.bad', true)->where('lines.0.bad', true),
        );
    }

    public function test_nothing_chosen_and_wrong_types_get_a_sentence(): void
    {
        $this->postJson(route('bench.window', $this->stall), [])
            ->assertUnprocessable()
            ->assertJsonPath('message', 'Choose a listing first.');
        $this->postJson(route('bench.window', $this->stall), ['listings' => 'all'])->assertUnprocessable();
        $this->postJson(route('bench.window', $this->stall), ['listings' => [['x']]])->assertUnprocessable();
    }

    public function test_one_steps_from_listing_to_listing_among_those_that_lie_alike(): void
    {
        [$a, $b, $c] = [$this->listing('a'), $this->listing('b'), $this->listing('c')];
        $this->place([$b]);
        $this->get(route('bench.listing', [$this->stall, $c]))->assertInertia(
            fn ($page) => $page->where('earlier', null)->where('later', $a->id),
        );
        $this->get(route('bench.listing', [$this->stall, $b]))->assertInertia(
            fn ($page) => $page->where('earlier', null)->where('later', null),
        );
    }

    public function test_a_chosen_order_of_pictures_is_held_and_can_follow_again(): void
    {
        $listing = $this->listing('a');
        $own = $listing
            ->pictures()
            ->create([
                'stall_id' => $this->stall->id,
                'state' => Picture::READY,
                'path' => 'x/1/fedcba9876543210',
                'width' => 640,
                'height' => 640,
            ]);
        $suppliers = $listing->pictures()->whereNotNull('source')->firstOrFail();
        $url = route('bench.listing.update', [$this->stall, $listing]);
        $this->patchJson($url, ['pictures' => [$own->id, $suppliers->id, $own->id]])
            ->assertOk()
            ->assertJsonPath('pictures.held', true)
            ->assertJsonPath('pictures.shown.0.id', $own->id)
            ->assertJsonCount(2, 'pictures.shown');
        $this->patchJson($url, ['pictures' => []])->assertJsonPath('stands.lacks.0.words', 'It has no picture.');
        $this->patchJson($url, ['pictures' => null, 'follow' => true])
            ->assertJsonPath('pictures.held', false)
            ->assertJsonPath('pictures.shown.0.id', $suppliers->id)
            ->assertJsonPath('pictures.spare.0.id', $own->id);
    }

    private function listing(string $id, int $stock = 9): Listing
    {
        return $this->world->listing(
            $this->stall,
            Items::item([Items::variant($id, 540, $stock)], 'Item '.$id, id: $id),
        );
    }

    /**
     * @param  list<Listing>  $listings
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function place(array $listings): \Illuminate\Testing\TestResponse
    {
        return $this->postJson(route('bench.window', $this->stall), [
            'listings' => array_map(static fn (Listing $l): int => $l->id, $listings),
        ]);
    }
}
