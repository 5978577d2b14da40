<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Core\Policies\PolicyKind;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Scripts\OutsideScript;
use WindowStall\Window\Scripts\ShopScripts;
use WindowStall\Window\Views\PoliciesView;

/** Scripts of others beside the shop: none is loaded before a shopper agreed where that is asked, and from no host but the list's. */
final class RunsBesideTest extends AppTestCase
{
    private const TALLY = ['name' => 'Tallymark', 'purpose' => 'measure', 'address' => 'https://count.example/visit.js', 'hosts' => '*.count.example'];

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall($this->signIn());
        $this->world->inWindow($this->stall);
    }

    public function test_without_any_nothing_is_asked(): void
    {
        $this->get($this->stall->shopAddress('/'))->assertOk()->assertDontSee('data-scripts')->assertDontSee('runs-beside');
        $this->get($this->stall->shopAddress('/runs-beside'))->assertNotFound();
        $this->get($this->stall->shopAddress('/runs-beside/frame'))->assertNoContent();
        self::assertStringContainsString('Nobody follows you about here', $this->privacy());
    }

    public function test_it_is_asked_remembered_and_nothing_loaded_before(): void
    {
        $this->postJson(route('window.scripts.add', $this->stall), self::TALLY)->assertOk()->assertJsonPath('0.purpose', 'to count visits');
        $this->get($this->stall->shopAddress('/goods'))
            ->assertSee('data-rule="asked"', false)
            ->assertSee('Tallymark counts visits, from count.example, *.count.example')
            ->assertDontSee('https://count.example');
        self::assertStringContainsString('Tallymark', $this->privacy());
        self::assertStringNotContainsString('Nobody follows you', $this->privacy());
        $this->frame()->assertNoContent();
        // The page on which it is said doesn't ask besides.
        $this->get($this->stall->shopAddress('/runs-beside'))->assertOk()->assertSee('would like to run')->assertDontSee('data-scripts');

        $yes = $this->post($this->stall->shopAddress('/runs-beside'), ['said' => 'yes'])->assertRedirect('/runs-beside')
            ->getCookie(ShopScripts::COOKIE, false)?->getValue();
        $frame = $this->frame($yes)->assertOk()->assertSee('src="https://count.example/visit.js"', false);
        $policy = (string) $frame->headers->get('Content-Security-Policy');
        self::assertStringContainsString('script-src https://count.example https://*.count.example;', $policy);
        self::assertStringContainsString('sandbox allow-scripts', $policy);
        // The shop's own pages load from nowhere else still.
        self::assertStringNotContainsString('count.example', (string) $this->get($this->stall->shopAddress('/goods'))->headers->get('Content-Security-Policy'));

        $no = $this->post($this->stall->shopAddress('/runs-beside'), ['said' => 'no'])->getCookie(ShopScripts::COOKIE, false)?->getValue();
        $this->frame($no)->assertNoContent();
        // Another list is asked about anew.
        $this->postJson(route('window.scripts.add', $this->stall), ['name' => 'Adwright', 'purpose' => 'advertise', 'is_picture' => true,
            'address' => 'https://ads.example/p.gif'])->assertOk();
        $this->frame($yes)->assertNoContent();
    }

    public function test_where_the_law_wants_it_told_it_runs_until_a_shopper_refuses(): void
    {
        $this->world->market($this->stall, 'US', 900, ['tax_bp' => 0]);
        $this->postJson(route('delivery.places.store', $this->stall), [
            'covers' => [['country' => 'US']], 'ways' => [['charge' => ['by' => 'flat', 'amount' => '5.95']]],
        ])->assertOk();
        $this->postJson(route('window.scripts.add', $this->stall), self::TALLY)->assertOk();
        $this->frame(country: 'US')->assertOk();
        $this->frame(country: 'GB')->assertNoContent();
        $no = ShopScripts::of($this->stall)->said(false);
        $this->frame($no, 'US')->assertNoContent();
    }

    public function test_bad_addresses_and_strangers_are_refused_and_one_is_taken_out(): void
    {
        foreach ([['address' => 'http://count.example/x.js'], ['hosts' => "a.example'; script-src *"], ['purpose' => 'spy'], ['name' => '']] as $bad) {
            $this->postJson(route('window.scripts.add', $this->stall), $bad + self::TALLY)->assertUnprocessable();
        }
        $this->postJson(route('window.scripts.add', $this->stall), self::TALLY)->assertOk();
        $one = OutsideScript::of($this->stall)->firstOrFail();
        $this->deleteJson(route('window.scripts.remove', [$this->stall, $one->id]))->assertOk()->assertJsonCount(0);
        $this->post($this->stall->shopAddress('/runs-beside'), ['said' => 'perhaps'])->assertStatus(422);
    }

    /** @return TestResponse<Response> */
    private function frame(?string $cookie = null, string $country = 'GB'): TestResponse
    {
        return $this->withUnencryptedCookie(ShopScripts::COOKIE, (string) $cookie)->get($this->stall->shopAddress('/runs-beside/frame?country='.$country));
    }

    private function privacy(): string
    {
        foreach (PoliciesView::of($this->stall->refresh())->policies as $policy) {
            if ($policy->kind === PolicyKind::Privacy->value) {
                return (string) json_encode($policy, JSON_UNESCAPED_UNICODE);
            }
        }
        self::fail('There is no privacy policy.');
    }
}
