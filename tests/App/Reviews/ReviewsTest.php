<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Reviews;

use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Counter\Jobs\AskForReviews;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\People\ForgetPerson;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Reviews\Review;
use WindowStall\Reviews\SaidReview;
use WindowStall\Reviews\WriteReview;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** What buyers say: asked once, written once from a real order, shown unless it has to be looked at, hidden only on record. */
final class ReviewsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $pot;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->stall = $this->world->stall($this->signIn());
        $this->pot = $this->world->inWindow($this->stall, Items::item([Items::variant('pot')], 'Pot', id: 'pot'));
        $this->order = $this->bought();
    }

    public function test_buyers_are_asked_once_so_long_after_all_of_it_was_there(): void
    {
        $this->there($this->order, 1, Carbon::now()->subDays(8));
        $late = $this->bought();
        $this->there($late, 1, Carbon::now()->subDays(9));
        $this->there($late, 2, null);
        $soon = $this->bought();
        $this->there($soon, 1, Carbon::now()->subDays(6));

        $this->ask();
        $this->ask();
        Mail::assertQueuedCount(1);
        Mail::assertQueued(OrderLetter::class, fn (OrderLetter $m): bool => $m->kind === TellKind::Said && $m->orderId === $this->order->id);
        $letter = new OrderLetter($this->order->id, $this->stall->id, TellKind::Said, null);
        $letter->assertSeeInHtml('/orders/'.$this->order->token.'/said');

        $this->putJson(route('reviews.say', $this->stall), ['after' => null])->assertOk()->assertJsonPath('after', null);
        DB::table('order_mails')->delete();
        $this->ask();
        Mail::assertQueuedCount(1);
        $this->putJson(route('reviews.say', $this->stall), ['after' => 0])->assertStatus(422);
    }

    public function test_what_is_said_of_what_was_bought_is_read_on_its_page_at_once_and_can_be_said_once(): void
    {
        $this->goods()->assertDontSee('Said by people');
        $this->get($this->at())->assertOk()->assertSee('What do you say of it?')->assertSee('Pot');
        $this->say(['stars' => '4', 'words' => 'Held <b>two</b> rows.', 'name' => 'Ines', 'show_name' => '1'])
            ->assertRedirectContains('/said?thanks');

        $this->goods()->assertSee('Said by people')->assertSee('Held <b>two</b> rows.')->assertSee('Ines');
        $this->get($this->at())->assertSee('You have said what you think of all of it.');
        $this->say(['stars' => '1'])->assertStatus(422)->assertSee('you have said it already');
        self::assertSame([4], Review::of($this->stall)->pluck('stars')->all());
        self::assertTrue(Review::of($this->stall)->firstOrFail()->verified);
    }

    public function test_a_name_is_shown_only_where_they_say_so(): void
    {
        $this->say(['stars' => '5', 'words' => 'Good.', 'name' => 'Ines Fennimore']);
        $this->goods()->assertSee('Somebody who bought it')->assertDontSee('Fennimore');
        self::assertSame('', Review::of($this->stall)->firstOrFail()->name, 'nor is it kept');
    }

    public function test_nobody_says_anything_of_what_they_didnt_buy(): void
    {
        $other = $this->world->inWindow($this->stall, Items::item([Items::variant('o')], 'Other', id: 'other'));
        $this->say(['stars' => '5', 'listing' => $other->id])->assertStatus(422)->assertSee('isn’t among what you bought');
        $this->say(['stars' => '6'])->assertStatus(422)->assertSee('Choose how many stars');
        $this->post(str_replace($this->order->token, str_repeat('x', 43), $this->at()), ['stars' => '5'])->assertNotFound();
        $unpaid = $this->world->order($this->stall, $this->pot->variants()->firstOrFail(), 1, null);
        $this->get($this->stall->shopAddress('/orders/'.Order::query()->findOrFail($unpaid)->token.'/said'))->assertNotFound();
        self::assertSame(0, Review::of($this->stall)->count());
    }

    public function test_links_and_pictures_are_looked_at_before_others_read_them(): void
    {
        $this->say(['stars' => '1', 'words' => 'Cheaper at www.elsewhere.example']);
        $this->goods()->assertDontSee('elsewhere.example');
        $review = Review::of($this->stall)->firstOrFail();
        $page = $this->pageProps($this->get(route('reviews', ['stall' => $this->stall, 'state' => 'held'])));
        self::assertSame($review->id, $page['reviews'][0]['id']);
        self::assertStringContainsString('leads somewhere else', $page['reviews'][0]['stands']);
        $this->putJson(route('reviews.show', [$this->stall, $review]))->assertOk()->assertJsonPath('state', 'shown');
        $this->goods()->assertSee('elsewhere.example');
    }

    public function test_pictures_are_taken_with_consent_up_to_four_and_only_where_they_are_some(): void
    {
        $disk = Storage::disk('media');
        $sent = static fn (int $count): array => array_map(
            static fn (int $n): UploadedFile => UploadedFile::fake()->image('p'.$n.'.jpg', 500, 500),
            range(1, $count),
        );
        $this->say(['stars' => '5', 'pictures' => $sent(1)])->assertStatus(422)->assertSee('only where they may be shown');
        $this->say(['stars' => '5', 'may_show' => '1', 'pictures' => $sent(5)])->assertStatus(422)->assertSee('4 pictures');
        $none = UploadedFile::fake()->createWithContent('p.jpg', '<script>alert(1)</script>');
        $this->say(['stars' => '5', 'may_show' => '1', 'pictures' => [$none]])->assertStatus(422)->assertSee('no picture');
        self::assertSame(0, Review::of($this->stall)->count(), 'nothing of it is kept');

        $this->say(['stars' => '5', 'may_show' => '1', 'pictures' => $sent(2)])->assertRedirect();
        $review = Review::of($this->stall)->firstOrFail();
        self::assertSame([['picture'], 2], [$review->held_for, count($review->pictures)]);
        $this->goods()->assertDontSee('said-pictures', false);
        $this->putJson(route('reviews.show', [$this->stall, $review]))->assertOk();
        $this->goods()->assertSee($review->pictures[0], false);
        self::assertNotSame([], $disk->allFiles('stalls/'.$this->stall->id.'/said'));
    }

    public function test_one_is_hidden_only_for_a_reason_that_stands_in_the_shop(): void
    {
        $this->say(['stars' => '1', 'words' => 'The postman lives at 4 Pound Row.']);
        $review = Review::of($this->stall)->firstOrFail();
        $this->putJson(route('reviews.hide', [$this->stall, $review]), ['because' => 'bad'])->assertStatus(422);
        $this->putJson(route('reviews.hide', [$this->stall, $review]), ['because' => 'personal'])->assertOk();

        $this->goods()->assertDontSee('Pound Row')->assertSee('the one the shop hides');
        $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug.'/said'))
            ->assertOk()
            ->assertDontSee('Pound Row')
            ->assertSee('because it tells things about a person');
        self::assertNotNull($review->refresh()->hidden_by);
    }

    public function test_the_stall_answers_and_takes_its_answer_back(): void
    {
        $this->say(['stars' => '3', 'words' => 'Thinner than I thought.']);
        $review = Review::of($this->stall)->firstOrFail();
        $this->putJson(route('reviews.answer', [$this->stall, $review]), ['words' => 'It is 3 mm; we wrote that above now.'])->assertOk();
        $this->goods()->assertSee('It is 3 mm');
        $this->putJson(route('reviews.answer', [$this->stall, $review]), ['words' => ''])->assertOk();
        $this->goods()->assertDontSee('It is 3 mm');
    }

    public function test_an_average_is_said_of_five_who_bought_it_here_and_of_nobody_else(): void
    {
        foreach ([5, 5, 4, 4] as $stars) {
            $this->write($this->bought(), $stars);
        }
        DB::table('reviews')->insert([
            'stall_id' => $this->stall->id, 'listing_id' => $this->pot->id, 'verified' => false, 'source' => 'our market stall',
            'stars' => 1, 'state' => 'shown', 'written_at' => now(),
        ]);
        $this->goods()->assertDontSee('aggregateRating')->assertDontSee('who bought it here');
        $this->write($this->bought(), 5);
        $html = $this->goods()->assertSee('4.6 from 5 who bought it here')->getContent();
        self::assertStringContainsString('"ratingValue":"4.6","ratingCount":5', (string) $html);
        $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug.'/said'))->assertSee('brought in from our market stall');
    }

    public function test_whoever_is_forgotten_is_named_nowhere_and_their_pictures_go(): void
    {
        $this->say(['stars' => '5', 'words' => 'Good.', 'name' => 'Ines', 'show_name' => '1']);
        $this->order->update(['email' => 'ines@fennimore.example']);
        app(ForgetPerson::class)($this->stall, 'ines@fennimore.example');
        $review = Review::of($this->stall)->firstOrFail();
        self::assertSame(['', [], 'Good.'], [$review->name, $review->pictures, $review->words]);
    }

    public function test_somebody_elses_stall_cant_be_decided_for(): void
    {
        $this->say(['stars' => '1', 'words' => 'No.']);
        $review = Review::of($this->stall)->firstOrFail();
        $mine = $this->world->stall($this->signIn(User::query()->create([
            'name' => 'Bo', 'email' => 'bo@reed.example', 'password' => 'two-rows-of-leeks',
        ])));
        $this->putJson(route('reviews.hide', [$mine, $review->id]), ['because' => 'other'])->assertNotFound();
        $this->putJson(route('reviews.hide', [$this->stall, $review->id]), ['because' => 'other'])->assertNotFound();
    }

    private function bought(): Order
    {
        return Order::query()->findOrFail(
            $this->world->order($this->stall, $this->pot->variants()->firstOrFail(), 1, Carbon::now()->subDays(14)),
        );
    }

    private function there(Order $order, int $number, ?Carbon $at): void
    {
        $connection = SupplierConnection::of($this->stall)->value('id');
        $supplier = DB::table('supplier_orders')->insertGetId([
            'stall_id' => $this->stall->id, 'order_id' => $order->id, 'connection_id' => $connection,
            'idempotency_key' => sprintf('00000000-0000-4000-8000-%06d%06d', $order->id, $number),
            'state' => 'posted', 'goods_minor' => 1, 'delivery_minor' => 1,
        ]);
        DB::table('parcels')->insert([
            'stall_id' => $this->stall->id, 'order_id' => $order->id, 'supplier_order_id' => $supplier,
            'connection_id' => $connection, 'country' => 'GB', 'number' => $number, 'pieces' => '{}', 'carrier' => 'X',
            'posted_at' => now()->subDays(12), 'moved_at' => now()->subDays(8), 'there_at' => $at,
        ]);
    }

    private function ask(): void
    {
        (new AskForReviews())->handle();
    }

    private function write(Order $order, int $stars): void
    {
        app(WriteReview::class)($this->stall, $this->pot, $order->id, $order->paid_at, new SaidReview($stars, '', '', [], 'en'));
    }

    /**
     * @param  array<string, mixed>  $typed
     * @return TestResponse<Response>
     */
    private function say(array $typed): TestResponse
    {
        return $this->post($this->at(), $typed + ['listing' => $this->pot->id]);
    }

    private function at(): string
    {
        return $this->stall->shopAddress('/orders/'.$this->order->token.'/said');
    }

    /** @return TestResponse<Response> */
    private function goods(): TestResponse
    {
        return $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug))->assertOk();
    }
}
