<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use WindowStall\Shop\Onlooker;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** People who may look into a closed shop, each by a link or a code of their own that is taken back singly. */
final class OnlookersTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->stall->update(['open' => false]);
    }

    public function test_each_comes_in_by_their_own_and_stays_out_once_it_is_taken_back(): void
    {
        $this->get($this->stall->shopAddress('/'))->assertStatus(503)->assertDontSee('/look-in');
        foreach (['Ines', 'Tom'] as $name) {
            $this->postJson(route('opening.onlookers.let-in', $this->stall), ['name' => $name])->assertOk();
        }
        [$ines, $tom] = Onlooker::of($this->stall)->orderBy('id')->get()->all();
        self::assertMatchesRegularExpression('/^([0-9A-Z]{4}-){2}[0-9A-Z]{4}$/', $ines->code);
        $this->get($this->stall->shopAddress('/'))->assertStatus(503)->assertSee('/look-in');
        $in = $this->get($ines->address($this->stall))->assertRedirect('/');
        $this->looksIn($in->getCookie('onlooker', false)?->getValue(), true);
        self::assertNotNull($ines->refresh()->seen_at);
        // Typed carelessly it is the same.
        $typed = $this->post($this->stall->shopAddress('/look-in'), ['code' => ' '.strtolower(str_replace('-', ' ', $tom->code))])->assertRedirect('/');
        $this->looksIn($typed->getCookie('onlooker', false)?->getValue(), true);

        $this->deleteJson(route('opening.onlookers.take-back', [$this->stall, $ines->id]))->assertOk()->assertJsonCount(1);
        $this->looksIn($ines->code, false);
        $this->looksIn($tom->code, true);
        $this->get($ines->address($this->stall))->assertStatus(422)->assertSee('opens nothing');
    }

    public function test_a_code_is_of_one_stall_and_guessing_ends(): void
    {
        $other = $this->world->stall();
        $other->update(['open' => false]);
        $code = Onlooker::letIn($other, 'Ines')->code;
        $this->looksIn($code, false);
        for ($n = 0; $n < 20; $n++) {
            $this->post($this->stall->shopAddress('/look-in'), ['code' => 'AAAA-BBBB-'.sprintf('%04d', $n)]);
        }
        $this->post($this->stall->shopAddress('/look-in'), ['code' => 'AAAA-BBBB-9999'])->assertStatus(429);
    }

    public function test_bad_words_and_too_many_are_refused(): void
    {
        $this->postJson(route('opening.onlookers.let-in', $this->stall), ['name' => ''])->assertUnprocessable();
        foreach (range(1, Onlooker::MOST) as $n) {
            Onlooker::letIn($this->stall, 'No. '.$n);
        }
        $this->postJson(route('opening.onlookers.let-in', $this->stall), ['name' => 'One more'])->assertUnprocessable();
        self::assertSame(Onlooker::MOST, Onlooker::of($this->stall)->count());
    }

    private function looksIn(?string $code, bool $may): void
    {
        $this->withUnencryptedCookie('onlooker', (string) $code)->get($this->stall->shopAddress('/goods'))->assertStatus($may ? 200 : 503);
        $this->withUnencryptedCookie('onlooker', '');
    }
}
