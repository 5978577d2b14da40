<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Reviews;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Bench\Listing;
use WindowStall\Counter\People\AboutPerson;
use WindowStall\Counter\People\ForgetPerson;
use WindowStall\Reviews\Questions\GoodsQuestion;
use WindowStall\Reviews\Questions\QuestionLetter;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/** Questions about goods: asked on their page, answered by mail, kept for others only where that was agreed to. */
final class QuestionsTest extends AppTestCase
{
    private Stall $stall;

    private Listing $pot;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->stall = $this->world->stall($this->signIn());
        $this->pot = $this->world->inWindow($this->stall, Items::item([Items::variant('pot')], 'Pot', id: 'pot'));
    }

    public function test_what_is_asked_waits_once_and_nobody_else_reads_it(): void
    {
        $this->page()->assertSee('Ask about it')->assertDontSee('How heavy');
        $this->ask(['question' => ' '])->assertStatus(422);
        $this->ask(['question' => str_repeat('x', 501)])->assertStatus(422)->assertSee('500 letters');
        $this->ask(['email' => 'ines'])->assertStatus(422);
        $this->ask(['listing' => 0])->assertNotFound();
        $this->ask()->assertOk()->assertSee('answers you by mail');
        $this->ask()->assertOk();
        $question = GoodsQuestion::of($this->stall)->sole();
        self::assertSame(['ines@fennimore.example', true], [$question->email, $question->may_show]);
        $this->page()->assertDontSee('How heavy');
    }

    public function test_the_draft_says_the_facts_that_answer_it_and_nothing_else(): void
    {
        $this->ask(['question' => 'How heavy is it, and where does it come from?']);
        $draft = fn (): string => $this->getJson(route('reviews.question.draft', [$this->stall, GoodsQuestion::of($this->stall)->latest('id')->first()]))
            ->assertOk()
            ->json('words');
        self::assertSame("Weight, packed: 300 g.\nPosted from: United Kingdom.", $draft());
        $this->ask(['question' => 'Is it signed?']);
        self::assertSame('', $draft());
    }

    public function test_the_answer_goes_by_mail_once_and_the_address_is_forgotten(): void
    {
        $this->ask();
        $question = GoodsQuestion::of($this->stall)->sole();
        $this->answer($question, '300 g.', keep: true)->assertOk()->assertJsonPath('kept', true);
        Mail::assertQueued(QuestionLetter::class, static fn (QuestionLetter $m): bool => $m->hasTo('ines@fennimore.example') && $m->answer === '300 g.');
        self::assertNull($question->refresh()->email);
        $this->page()->assertSee('How heavy is it?')->assertSee('300 g.');
        $this->answer($question, 'About 300 g.', keep: false)->assertOk();
        Mail::assertQueuedCount(1);
        $this->page()->assertDontSee('How heavy is it?');
        (new QuestionLetter('Quillet', 'Pot', 'How heavy?', '300 g.', 'http://x'))->assertSeeInText('How heavy?');
    }

    public function test_who_did_not_agree_is_read_by_nobody(): void
    {
        $this->ask(['may_show' => null]);
        $question = GoodsQuestion::of($this->stall)->sole();
        $this->answer($question, '300 g.', keep: true)->assertUnprocessable()
            ->assertJsonPath('message', 'Who asked didn’t agree that others read it. They get the answer by mail.');
        $this->answer($question, '', keep: false)->assertUnprocessable();
        Mail::assertNothingQueued();
        $this->answer($question, '300 g.', keep: false)->assertOk();
        $this->page()->assertDontSee('How heavy is it?');
    }

    public function test_a_question_is_put_by_and_who_asked_forgotten(): void
    {
        $this->ask(['question' => 'Buy at www.cheap.example']);
        $question = GoodsQuestion::of($this->stall)->sole();
        $page = $this->pageProps($this->get(route('reviews.questions', $this->stall)));
        self::assertStringContainsString('leads somewhere else', $page['questions'][0]['caution']);
        $this->putJson(route('reviews.question.put-by', [$this->stall, $question]))->assertOk()->assertJsonPath('putBy', true);
        self::assertSame(0, $this->pageProps($this->get(route('reviews.questions', $this->stall)))['waiting']);
        self::assertNull($question->refresh()->email);

        $this->ask();
        self::assertSame(['How heavy is it?'], array_column(AboutPerson::all($this->stall, 'ines@fennimore.example')['asked'], 'words'));
        app(ForgetPerson::class)($this->stall, 'ines@fennimore.example');
        self::assertSame(1, DB::table('goods_questions')->count(), 'only what was put by is left');
    }

    /**
     * @param  array<string, string|int|null>  $said
     * @return TestResponse<Response>
     */
    private function ask(array $said = []): TestResponse
    {
        return $this->post($this->stall->shopAddress('/ask'), array_filter($said + [
            'listing' => $this->pot->id,
            'question' => 'How heavy is it?',
            'email' => 'Ines@fennimore.example',
            'may_show' => '1',
        ], static fn (mixed $v): bool => $v !== null));
    }

    /** @return TestResponse<Response> */
    private function answer(GoodsQuestion $question, string $words, bool $keep): TestResponse
    {
        return $this->putJson(route('reviews.question.answer', [$this->stall, $question]), ['words' => $words, 'keep' => $keep]);
    }

    /** @return TestResponse<Response> */
    private function page(): TestResponse
    {
        return $this->get($this->stall->shopAddress('/goods/'.$this->pot->slug))->assertOk();
    }
}
