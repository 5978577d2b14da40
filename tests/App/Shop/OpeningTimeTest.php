<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Shop;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use WindowStall\Shop\Back\OpenedLetter;
use WindowStall\Shop\Back\TellOpened;
use WindowStall\Stall\Jobs\OpenOnTime;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** A closed shop says when it opens, opens then by itself, and tells those who wished to know, once. */
final class OpeningTimeTest extends AppTestCase
{
    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        Mail::fake();
        $this->travelTo('2026-12-02 10:00:00');
        $this->stall = $this->world->stall($this->signIn());
        $this->stall->update(['open' => false, 'zone' => 'America/New_York']);
    }

    public function test_it_opens_by_itself_at_its_own_hour_and_says_so_before_to_people_and_to_machines(): void
    {
        $this->at('2026-12-05T09:00')->assertOk()->assertJsonPath('words', 'Sat 5 Dec, 09:00');
        $this->get($this->stall->shopAddress('/'))
            ->assertStatus(503)
            ->assertHeader('Retry-After', 'Sat, 05 Dec 2026 14:00:00 GMT')
            ->assertSee('We open on Saturday 5 December, 09:00.');
        $this->travelTo('2026-12-05 13:59:59');
        OpenOnTime::dispatchSync();
        self::assertFalse($this->stall->refresh()->open);
        $this->travelTo('2026-12-05 14:00:00');
        OpenOnTime::dispatchSync();
        self::assertSame([true, null], [$this->stall->refresh()->open, $this->stall->opens_at]);
        $this->get($this->stall->shopAddress('/'))->assertOk();
    }

    public function test_who_wishes_to_know_is_told_once_when_it_has_opened(): void
    {
        $this->sign(['agreed' => '1'])->assertOk();
        $this->sign(['agreed' => '1'])->assertOk();
        $this->sign([])->assertStatus(422);
        $this->sign(['agreed' => '1', 'email' => 'none'])->assertStatus(422);
        self::assertSame(
            ['Write to me when this shop opens, and now and then about new things. I can stop it at any time.', 'closed sign'],
            array_values((array) DB::table('sign_ups')->select('consent', 'source')->sole()),
        );
        TellOpened::dispatchSync();
        Mail::assertNothingQueued();
        $this->stall->update(['open' => true]);
        TellOpened::dispatchSync();
        TellOpened::dispatchSync();
        Mail::assertQueuedCount(1);
        Mail::assertQueued(OpenedLetter::class, static fn (OpenedLetter $m): bool => $m->hasTo('ines@fennimore.example'));
        (new OpenedLetter('Quillet', 'http://x/', 'http://x/stop'))->assertSeeInText('Quillet is open now.')->assertSeeInText('http://x/stop');
        $this->sign(['agreed' => '1'])->assertNotFound();
    }

    public function test_a_time_that_is_over_or_none_is_refused_and_can_be_taken_back(): void
    {
        foreach (['2026-12-02T04:59', '2028-01-01T09:00', 'soon', '2026-13-40T00:00'] as $wrong) {
            $this->at($wrong)->assertUnprocessable();
        }
        $this->at('2026-12-05T09:00')->assertOk();
        $this->at(null)->assertOk()->assertJsonPath('at', '');
        $this->travelTo('2026-12-06 10:00');
        OpenOnTime::dispatchSync();
        self::assertFalse($this->stall->refresh()->open);
        $this->stall->update(['open' => true]);
        $this->at('2026-12-07T09:00')->assertUnprocessable();
    }

    /** @return TestResponse<Response> */
    private function at(?string $at): TestResponse
    {
        return $this->putJson(route('opening.at', $this->stall), ['at' => $at]);
    }

    /**
     * @param  array<string, string>  $typed
     * @return TestResponse<Response>
     */
    private function sign(array $typed): TestResponse
    {
        return $this->post($this->stall->shopAddress('/sign-up'), $typed + ['section' => 'closed', 'email' => 'ines@fennimore.example']);
    }
}
