<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Stall;

use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Stall\Clock;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Window\Sections\ShownPeriod;
use WindowStall\Window\Window;

/** Days and hours go by the stall's own clock, on both sides of summer time and of the date line. */
final class ClockTest extends AppTestCase
{
    #[TestWith(['Europe/London', '2026-03-29 00:30', '29 Mar 2026, 00:30'])]
    #[TestWith(['Europe/London', '2026-03-29 01:30', '29 Mar 2026, 02:30'])]
    #[TestWith(['Europe/London', '2026-10-25 00:30', '25 Oct 2026, 01:30'])]
    #[TestWith(['Europe/London', '2026-10-25 01:30', '25 Oct 2026, 01:30'])]
    #[TestWith(['Pacific/Kiritimati', '2026-11-30 10:30', '1 Dec 2026, 00:30'])]
    #[TestWith(['Pacific/Pago_Pago', '2026-12-01 10:30', '30 Nov 2026, 23:30'])]
    public function test_a_moment_is_said_by_the_stalls_clock(string $zone, string $utc, string $said): void
    {
        self::assertSame($said, (new Clock($zone))->moment(Carbon::parse($utc, 'UTC')));
    }

    #[TestWith(['Europe/London', '2026-03-29', '2026-03-29 00:00'])]
    #[TestWith(['Europe/London', '2026-03-30', '2026-03-29 23:00'])]
    #[TestWith(['Pacific/Kiritimati', '2026-12-01', '2026-11-30 10:00'])]
    #[TestWith(['Pacific/Pago_Pago', '2026-12-01', '2026-12-01 11:00'])]
    // The clocks are put forward at midnight: the day begins at one.
    #[TestWith(['America/Santiago', '2026-09-06', '2026-09-06 04:00'])]
    public function test_a_day_begins_where_the_stall_is(string $zone, string $day, string $utc): void
    {
        self::assertSame($utc, (new Clock($zone))->begins($day)->format('Y-m-d H:i'));
    }

    public function test_what_is_typed_is_by_the_stalls_clock_unless_it_says_otherwise(): void
    {
        $clock = new Clock('Europe/London');
        self::assertSame('2026-07-01 07:00', $clock->read('2026-07-01T08:00')->format('Y-m-d H:i'));
        self::assertSame('2026-12-01 08:00', $clock->read('2026-12-01T08:00')->format('Y-m-d H:i'));
        self::assertSame('2026-07-01 06:00', $clock->read('2026-07-01T08:00:00+02:00')->format('Y-m-d H:i'));
    }

    public function test_sections_turn_at_the_stalls_own_midnight_and_anew_when_its_clock_is_moved(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $stall->update(['zone' => 'Pacific/Kiritimati']);
        $this->travelTo(Carbon::parse('2026-11-30 10:30', 'UTC'));
        OneStall::within($stall->id, function () use ($stall): void {
            self::assertTrue(ShownPeriod::within('2026-12-01', ''), 'it is tomorrow there');
            self::assertSame('2026-12-02 10:00', ShownPeriod::next([['2026-12-03', '']])?->format('Y-m-d H:i'));
            $stall->update(['zone' => 'Pacific/Pago_Pago']);
            self::assertFalse(ShownPeriod::within('2026-12-01', ''), 'it is still yesterday there');
        });
        $other = $this->world->stall();
        OneStall::within($other->id, fn () => self::assertFalse(ShownPeriod::within('2026-12-01', ''), 'by its own clock'));
    }

    public function test_publishing_later_is_meant_by_the_stalls_clock_and_said_so(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $stall->update(['zone' => 'Europe/Lisbon']);
        $this->travelTo(Carbon::parse('2026-06-01 10:00', 'UTC'));
        $this->postJson(route('window.publish', $stall), ['at' => '2026-06-02T08:15'])
            ->assertOk()
            ->assertJsonPath('standing.due', '2 Jun 2026, 08:15');
        $this->travelTo(Carbon::parse('2026-06-02 07:14', 'UTC'));
        $turns = fn (): ?string => Window::query()->findOrFail($stall->id)->turns_at?->format('Y-m-d H:i');
        self::assertSame('2026-06-02 07:15', $turns());
    }

    public function test_the_clock_is_asked_for_at_set_up_and_can_be_moved_in_the_settings(): void
    {
        $this->signIn();
        $facts = [
            'name' => 'Adas Plot', 'handle' => 'clocked', 'country' => 'PT', 'home_market' => 'PT', 'currency' => 'EUR',
            'vat' => '23', 'flat_delivery' => '3',
        ];
        $this->post(route('stalls.store'), $facts + ['zone' => 'Over/There'])->assertSessionHasErrors('zone');
        $this->post(route('stalls.store'), $facts + ['zone' => 'Atlantic/Azores'])->assertRedirect();
        $stall = Stall::query()->where('handle', 'clocked')->firstOrFail();
        self::assertSame('Atlantic/Azores', $stall->zone);
        self::assertSame('Azores', $this->pageProps($this->get(route('settings', $stall)))['frame']['clock']);

        $settings = ['name' => 'Adas Plot', 'home_market' => 'PT', 'promise_days' => 10];
        $this->put(route('settings.update', $stall), $settings + ['zone' => 'Europe/Lisbon'])->assertSessionHasNoErrors();
        self::assertSame('Europe/Lisbon', $stall->refresh()->zone);
        $this->put(route('settings.update', $stall), $settings + ['zone' => 'nowhere'])->assertSessionHasErrors('zone');
    }
}
