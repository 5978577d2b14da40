<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Opening;

use WindowStall\Counter\Payment\PaymentConnection;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Policies\Particulars;
use WindowStall\Window\Window;

/** The next step stands on every screen until the shop was open, and goes by what is there, not by what was ticked. */
final class FirstStepsTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->stall->update(['open' => false]);
    }

    public function test_it_asks_once_and_then_says_what_comes_next(): void
    {
        self::assertSame('', $this->next());
        $this->putJson(route('opening.begins', $this->stall), ['with' => 'sand'])->assertUnprocessable();
        $this->putJson(route('opening.begins', $this->stall), ['with' => 'bring'])->assertOk()->assertJsonPath('step', 'supplier');
        $this->world->listing($this->stall);
        self::assertSame('window', $this->next(), 'a supplier is connected, and goods lie on the bench');
        $this->putJson(route('opening.skipped', $this->stall), ['step' => 'window'])->assertOk()->assertJsonPath('step', 'shop');
        Window::query()->findOrFail($this->stall->id)->update(['sample_words' => []]);
        $this->postJson(route('window.publish', $this->stall))->assertOk();
        self::assertSame('who', $this->next());
        Particulars::of($this->stall)->fill(['trader' => 'Nell', 'street' => '4 Pound Row', 'email' => 'hello@quillet.example'])->save();
        self::assertSame('policies', $this->next());
        PaymentConnection::of($this->stall)->update(['live' => true, 'keys' => ['live' => 'pay-live-key']]);
        foreach (['policies', 'rehearsal'] as $step) {
            $this->putJson(route('opening.skipped', $this->stall), ['step' => $step])->assertOk();
        }
        self::assertSame('open', $this->next());
        $this->put(route('window.open', $this->stall), ['open' => true, 'looked' => true]);
        self::assertNull($this->next());
        $this->put(route('window.open', $this->stall), ['open' => false]);
        self::assertNull($this->next(), 'a shop that was open has no first steps');
    }

    private function next(): ?string
    {
        return $this->pageProps($this->get(route('bench', $this->stall)))['frame']['next']['step'] ?? null;
    }
}
