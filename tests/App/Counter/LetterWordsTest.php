<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Counter;

use Illuminate\Contracts\Mail\Mailer;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Inertia\Testing\AssertableInertia as Page;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Mailer\Exception\TransportException;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Letters\TextPiece;
use WindowStall\Counter\Mail\OrderLetter;
use WindowStall\Counter\Order;
use WindowStall\Counter\Told\LetterWords;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\App\Shop\Shopper;

/** What letters to shoppers say in the seller's words, what didn't arrive, and pieces of text for answers. */
final class LetterWordsTest extends AppTestCase
{
    private Stall $stall;

    private Order $order;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->stall = $this->world->stall($this->signIn());
        $variant = $this->world->inWindow($this->stall)->variants()->firstOrFail();
        $this->world->supplierSays(500);
        $this->order = (new Shopper($this, $this->stall))->buy($variant, 2)->refresh();
    }

    public function test_a_stalls_own_words_are_filled_in_and_nothing_is_said_twice_or_left_blank(): void
    {
        $parcel = $this->parcel('HP1');
        $this->say('posted', 'Off it went: {number}', "Hello {name}!\n\nThe cart of {carrier} has it. Its number is {tracking}.")
            ->assertSessionHas('say', 'Letters say so from now on.');
        $mail = $this->letter($parcel);
        $mail->assertHasSubject('Off it went: '.$this->order->number);
        $mail->assertSeeInText('Hello '.$this->order->name.'!');
        $mail->assertSeeInText('The cart of Hollin Post has it. Its number is HP1.');
        self::assertSame(1, substr_count($mail->render(), 'HP1'), 'the number is said once');
        $mail->assertSeeInHtml('With you', false);
        $parcel->update(['tracking' => null]);
        $mail = $this->letter($parcel);
        $mail->assertSeeInText('The cart of Hollin Post has it.');
        $mail->assertDontSeeInText('Its number is');
        $this->say('posted', '', '')->assertSessionHas('say', 'It says the usual words again.');
        $this->letter($parcel)->assertSeeInText('A parcel of your order has been posted.');
    }

    public function test_words_are_tried_beside_the_letter_before_they_are_kept(): void
    {
        $this->get(route('counter.mails', $this->stall))->assertInertia(fn (Page $page): Page => $page
            ->where('kind', 'posted')
            ->where('letter', null)
            ->where('usual.words', 'A parcel of your order has been posted.'));
        $this->parcel('HP1');
        $try = fn (string $words) => $this->post(route('counter.mails.try', $this->stall), [
            'kind' => 'posted', 'language' => 'en', 'subject' => '', 'words' => $words,
        ])->assertOk();
        $try('By {carrier}, <b>soon</b>.')
            ->assertJsonPath('strange', [])
            ->assertJsonPath('letter.of', $this->order->number)
            ->assertJsonPath('letter.html', fn (string $html): bool => str_contains($html, 'By Hollin Post, &lt;b&gt;soon&lt;/b&gt;.'));
        $try('Dear {nmae}')->assertJsonPath('strange', ['{nmae}']);
        self::assertNull(LetterWords::of($this->stall, TellKind::Posted, 'en'));
        $this->say('posted', '', 'Dear {nmae}')->assertSessionHasErrors(['said' => '{nmae} is no fact. Choose one from the list.']);
        $this->say('nothing', '', 'x')->assertSessionHasErrors('kind');
        $this->put(route('counter.mails.say', $this->stall), ['kind' => 'posted', 'language' => 'xx', 'words' => 'x'])
            ->assertSessionHasErrors('language');
    }

    public function test_mail_that_nobody_takes_is_said_once_and_goes_again_where_it_should(): void
    {
        $mail = new OrderLetter($this->order->id, $this->stall->id, TellKind::Thanks, null);
        $mail->failed(new TransportException('550 There is nobody of that name here', 550));
        $needs = $this->pageProps($this->get(route('counter', $this->stall)))['desk']['needs'];
        self::assertSame('unmailed', $needs[0]['kind']);
        self::assertStringContainsString('550 There is nobody of that name here', $needs[0]['about']);
        $this->get(route('counter.order', [$this->stall, $this->order]))->assertInertia(fn (Page $page): Page => $page
            ->where('order.unmailed', true)
            ->where('order.told.0', 'Thank you, didn’t arrive'));
        $this->post(route('counter.mail', [$this->stall, $this->order]), ['email' => 'no address'])->assertSessionHasErrors('email');
        Mail::fake();
        $again = fn () => $this->post(route('counter.mail', [$this->stall, $this->order]), ['email' => 'ines@post.example']);
        $again()->assertSessionHas('say', 'It is mailed again, to ines@post.example.');
        $again()->assertSessionHas('say', 'Mail goes there from now on.');
        Mail::assertQueued(OrderLetter::class, 1);
        Mail::assertQueued(OrderLetter::class, fn (OrderLetter $one): bool => $one->hasTo('ines@post.example'));
        self::assertSame(0, DB::table('order_mails')->whereNotNull('failed_at')->count());
    }

    #[TestWith([550, true], 'refused for good')]
    #[TestWith([450, false], 'not now')]
    #[TestWith([0, false], 'nobody there')]
    public function test_what_is_refused_for_good_isnt_tried_again_and_all_else_is(int $code, bool $noted): void
    {
        $mailer = self::createStub(Mailer::class);
        $mailer->method('send')->willThrowException(new TransportException('There is nobody of that name here', $code));
        $tried = false;
        try {
            (new OrderLetter($this->order->id, $this->stall->id, TellKind::Thanks, null))->to('gone@post.example')->send($mailer);
        } catch (TransportException) {
            $tried = true;
        }
        self::assertSame([! $noted, $noted], [$tried, DB::table('order_mails')->whereNotNull('failed_at')->exists()]);
    }

    public function test_pieces_of_text_are_filled_with_what_is_known_of_the_writers_order(): void
    {
        $letter = $this->written();
        $keep = fn (string $name, string $words) => $this->put(route('counter.letters.piece', $this->stall), compact('name', 'words'));
        $keep('Where it is', 'Dear {name}, it went with {carrier}. Number {tracking}.')->assertSessionHas('say');
        $keep('Where it is', 'Dear {name}, it goes with {carrier}. Number {tracking}.')->assertSessionHas('say');
        $keep('Odd', '{who}')->assertSessionHasErrors('said');
        self::assertSame('Dear {name}, it goes with {carrier}. Number {tracking}.', TextPiece::query()->sole()->words);
        $this->get(route('counter.letter', [$this->stall, $letter]))->assertInertia(fn (Page $page): Page => $page
            ->where('letter.pieces.0.filled', ''));
        $this->parcel('HP1');
        $this->get(route('counter.letter', [$this->stall, $letter]))->assertInertia(fn (Page $page): Page => $page
            ->where('letter.pieces.0.filled', 'Dear Ines, it goes with Hollin Post. Number HP1.'));
        $keep('Where it is', '')->assertSessionHas('say', 'It is thrown away.');
        self::assertSame(0, TextPiece::query()->count());
    }

    public function test_a_letter_stands_in_one_thread_with_orders_and_says_how_long_it_waits(): void
    {
        $this->travel(3)->hours();
        $letter = $this->written();
        $this->travel(2)->days();
        $this->get(route('counter.letter', [$this->stall, $letter]))->assertInertia(fn (Page $page): Page => $page
            ->where('letter.waits', '2 days')
            ->where('letter.person', $this->order->id)
            ->where('letter.thread.0.kind', 'order')
            ->where('letter.thread.1.words', 'Where is it?'));
        $this->post(route('counter.letter.answer', [$this->stall, $letter]), ['words' => 'On its way.'])
            ->assertJsonPath('thread.2.kind', 'ours')
            ->assertJsonPath('waits', '');
    }

    private function written(): int
    {
        $id = (int) DB::table('letters')->insertGetId([
            'stall_id' => $this->stall->id,
            'name' => 'Ines',
            'email' => mb_strtoupper($this->order->email),
            'hash' => str_repeat('a', 32),
            'language' => 'en',
            'open' => true,
            'last_at' => now(),
            'created_at' => now(),
            'updated_at' => now(),
        ]);
        DB::table('letter_lines')->insert([
            'stall_id' => $this->stall->id, 'letter_id' => $id, 'ours' => false, 'words' => 'Where is it?', 'said_at' => now(),
        ]);

        return $id;
    }

    private function parcel(string $tracking): Parcel
    {
        $sent = $this->order->supplierOrders()->firstOrFail();

        return Parcel::query()->create([
            'stall_id' => $this->stall->id,
            'order_id' => $this->order->id,
            'supplier_order_id' => $sent->id,
            'connection_id' => $sent->connection_id,
            'country' => 'GB',
            'number' => 1,
            'pieces' => [$this->order->lines()->firstOrFail()->id => 2],
            'carrier' => 'Hollin Post',
            'tracking' => $tracking,
            'posted_at' => now(),
            'moved_at' => now(),
        ]);
    }

    private function letter(Parcel $parcel): OrderLetter
    {
        return new OrderLetter($this->order->id, $this->stall->id, TellKind::Posted, $parcel->id);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function say(string $kind, string $subject, string $words): \Illuminate\Testing\TestResponse
    {
        return $this->put(route('counter.mails.say', $this->stall), ['language' => 'en'] + compact('kind', 'subject', 'words'));
    }
}
