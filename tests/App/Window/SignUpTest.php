<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Window;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use WindowStall\Offers\Code;
use WindowStall\Shop\SignUpLetter;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** Addresses shoppers leave: only with consent, as the page said it, once each. */
final class SignUpTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $look = Window::of($this->stall)->firstOrFail()->workingContent()->look->toArray();
        $settings = ['heading' => 'Letters', 'consent' => 'One letter a month, and nothing else.'];
        $content = Content::from([
            'look' => $look,
            'sections' => [
                ['id' => 'letters', 'kind' => 'signup', 'settings' => $settings],
                ['id' => 'w', 'kind' => 'words'],
            ],
        ]);
        $dress = app(DressWindow::class);
        $dress->save($this->stall, $content, 1);
        $dress->publish($this->stall, null);
    }

    public function test_an_address_is_kept_with_what_was_agreed_to_where_and_when(): void
    {
        $this->get($this->stall->shopAddress('/'))->assertSee('One letter a month');
        $this->leave(['consent' => 'Everything for ever'])
            ->assertOk()
            ->assertSee('One letter a month, and nothing else.');
        $row = DB::table('sign_ups')->where('stall_id', $this->stall->id)->sole();
        self::assertSame(
            ['ines@fennimore.example', 'One letter a month, and nothing else.', 'front page, letters'],
            [$row->email, $row->consent, $row->source],
        );
        $this->leave(['email' => 'INES@fennimore.example'])->assertOk();
        self::assertSame(1, DB::table('sign_ups')->where('stall_id', $this->stall->id)->count(), 'once');
    }

    public function test_without_consent_or_an_address_nothing_is_kept(): void
    {
        $this->leave(['agreed' => ''])
            ->assertUnprocessable()
            ->assertSee('Tick the box');
        foreach (
            ['', 'nobody', 'a@b', str_repeat('x', 210).'@a.example', "a@a.example\r\nBcc: b@b.example"] as $email
        ) {
            $this->leave(['email' => $email])->assertUnprocessable();
        }
        $this->leave(['section' => 'w'])->assertNotFound();
        $this->leave(['section' => 'gone'])->assertNotFound();
        self::assertSame(0, DB::table('sign_ups')->count());
    }

    public function test_who_signs_up_gets_one_code_for_one_use_where_an_offer_is_for_them(): void
    {
        Mail::fake();
        $this->leave();
        Mail::assertNothingQueued();
        $this->signIn();
        $offer = Code::of($this->stall)->create([
            'singles' => true,
            'reduction' => ['by' => 'percent', 'percent' => '10'],
            'holds' => ['by' => 'all'],
            'countries' => [],
        ]);
        $this->putJson(route('codes.sign-ups', [$this->stall, $offer]), ['on' => true])->assertOk()->assertJsonPath('codes.0.forSignUps', true);
        $this->leave(['email' => 'hester@shoppers.example'])->assertOk();
        $this->leave(['email' => 'Hester@shoppers.example'])->assertOk();
        Mail::assertQueuedCount(1);
        $code = DB::table('single_codes')->where('code_id', $offer->id)->sole();
        Mail::assertQueued(SignUpLetter::class, static fn (SignUpLetter $m): bool => $m->hasTo('hester@shoppers.example') && $m->code === $code->code);
        self::assertStringNotContainsString('hester', (string) $code->given_to, 'who has it isn’t kept in the clear');

        $offer->update(['ends_at' => now()->subMinute()]);
        $this->leave(['email' => 'later@shoppers.example'])->assertOk();
        Mail::assertQueuedCount(1);
    }

    public function test_only_an_offer_of_single_codes_is_given_and_one_at_a_time(): void
    {
        $this->signIn();
        $make = fn (bool $singles, ?string $code): Code => Code::of($this->stall)->create([
            'singles' => $singles,
            'code' => $code,
            'reduction' => ['by' => 'percent', 'percent' => '10'],
            'holds' => ['by' => 'all'],
            'countries' => [],
        ]);
        [$common, $one, $other] = [$make(false, 'TEN'), $make(true, null), $make(true, null)];
        $this->putJson(route('codes.sign-ups', [$this->stall, $common]), ['on' => true])->assertUnprocessable();
        $this->putJson(route('codes.sign-ups', [$this->stall, $one]), ['on' => true])->assertOk();
        $this->putJson(route('codes.sign-ups', [$this->stall, $other]), ['on' => true])->assertOk();
        self::assertSame([false, true], [$one->refresh()->for_sign_ups, $other->refresh()->for_sign_ups]);
    }

    public function test_they_go_out_as_a_table_in_which_nothing_runs(): void
    {
        $this->signIn();
        $this->leave();
        DB::table('sign_ups')->update(['source' => '=1+1']);
        $csv = $this->get(route('window.sign-ups', $this->stall))->assertOk()->streamedContent();
        self::assertStringContainsString(
            'ines@fennimore.example,"One letter a month, and nothing else.",\'=1+1,',
            $csv,
        );
    }

    /**
     * @param  array<string, string>  $sent
     * @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function leave(array $sent = []): \Illuminate\Testing\TestResponse
    {
        return $this->post(
            $this->stall->shopAddress('/sign-up'),
            $sent + ['section' => 'letters', 'email' => 'ines@fennimore.example', 'agreed' => '1'],
        );
    }
}
