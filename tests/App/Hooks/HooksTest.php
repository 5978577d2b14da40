<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Hooks;

use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Queue;
use WindowStall\Bench\Listing;
use WindowStall\Hooks\Delivery;
use WindowStall\Hooks\DeliveryState;
use WindowStall\Hooks\Hook;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Jobs\Deliver;
use WindowStall\Hooks\Signature;
use WindowStall\Hooks\Tell;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Source\Items;

/**
 * Programs that are told: signed, sent again with growing waits, on record; and only to addresses that may be called.
 */
final class HooksTest extends AppTestCase
{
    /** A stand-in's own host is the one address without https that may be called. */
    private const ADDRESS = 'http://oakum.standins.localhost:8421/told';

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->signIn();
        $this->stall = $this->world->stall();
        config(['stall.standins.ports' => [8421]]);
    }

    public function test_a_message_is_signed_so_that_whoever_has_the_secret_can_tell(): void
    {
        $secret = 'whsec_'.base64_encode('twenty-four bytes of key');
        $headers = Signature::headers($secret, 'm-1', 1_700_000_000, '{"a":1}');
        $by = base64_encode(hash_hmac('sha256', 'm-1.1700000000.{"a":1}', 'twenty-four bytes of key', true));
        self::assertSame(
            ['webhook-id' => 'm-1', 'webhook-timestamp' => '1700000000', 'webhook-signature' => 'v1,'.$by],
            $headers,
        );
    }

    public function test_a_supplier_changes_something_and_the_program_hears_of_it(): void
    {
        Http::fake([self::ADDRESS => Http::response('', 204), '*' => Http::response([], 500)]);
        $listing = $this->world->inWindow($this->stall);
        $this->make();
        $this->world->pull(
            $this->stall,
            Items::item([Items::variant('a', 864), Items::variant('b', 620, 3, 'CPR-02')]),
        );
        $delivery = Delivery::query()->firstOrFail();
        self::assertSame([DeliveryState::Delivered, 1, 204], [$delivery->state, $delivery->tries, $delivery->answered]);
        self::assertSame(1, json_decode($delivery->body, true)['data']['asks'] ?? null);
        $secret = Hook::query()->firstOrFail()->secret;
        Http::assertSent(
            static fn (Request $sent): bool => $sent->url() === self::ADDRESS &&
                $sent->body() === $delivery->body &&
                $sent->header('webhook-signature') ===
                    array_slice(
                        array_values(
                            Signature::headers(
                                $secret,
                                $delivery->message,
                                (int) $sent->header('webhook-timestamp')[0],
                                $delivery->body,
                            ),
                        ),
                        2,
                    ),
        );
        self::assertSame($listing->id, Listing::of($this->stall)->firstOrFail()->id);
    }

    public function test_what_isnt_taken_is_sent_again_later_and_later_and_then_given_up(): void
    {
        Http::fake([self::ADDRESS => Http::response('', 503)]);
        $this->make();
        Queue::fake();
        Tell::of($this->stall, HookEvent::Paid, ['number' => 7]);
        $delivery = Delivery::query()->firstOrFail();
        foreach ([...Deliver::WAITS, null] as $n => $wait) {
            Queue::fake();
            (new Deliver($delivery->id))->handle();
            self::assertSame([$n + 1, 'It answered 503.'], [$delivery->refresh()->tries, $delivery->trouble]);
            Queue::assertPushed(Deliver::class, $wait === null ? 0 : 1);
            $wait === null || Queue::assertPushed(static fn (Deliver $job): bool => $job->delay === $wait);
        }
        self::assertSame(DeliveryState::Failed, $delivery->state);
        (new Deliver($delivery->id))->handle();
        self::assertSame(8, $delivery->refresh()->tries, 'given up is given up');
        $this->postJson(route('programs.again', [$this->stall, $delivery->hook_id, $delivery->id]))
            ->assertOk()
            ->assertJsonPath('hooks.0.deliveries.0.words', 'on its way');
        $this->postJson(
            route('programs.again', [$this->stall, $delivery->hook_id, $delivery->id]),
        )->assertUnprocessable();
    }

    public function test_a_message_that_is_delivered_isnt_sent_again_and_one_cut_off_is_sent_under_the_same_name(): void
    {
        $sent = [];
        Http::fake([self::ADDRESS => function (Request $request) use (&$sent) {
            $sent[] = $request->header('webhook-id')[0];

            // The program took it, and the line went before it could say so.
            return count($sent) === 1
                ? throw new \Illuminate\Http\Client\ConnectionException('Connection reset')
                : Http::response('', 204);
        }]);
        $this->make();
        Queue::fake();
        Tell::of($this->stall, HookEvent::Paid, ['number' => 7]);
        Tell::of($this->stall, HookEvent::Paid, ['number' => 8]);
        [$first, $second] = Delivery::query()->orderBy('id')->get()->all();

        // Jobs come twice and out of turn, as after a worker was killed.
        foreach ([$first, $second, $first, $second, $first] as $delivery) {
            (new Deliver($delivery->id))->handle();
        }

        self::assertSame([$first->message, $second->message, $first->message], $sent);
        self::assertSame(
            [[DeliveryState::Delivered, 2], [DeliveryState::Delivered, 1]],
            [[$first->refresh()->state, $first->tries], [$second->refresh()->state, $second->tries]],
        );
    }

    public function test_an_answer_without_end_is_cut_off_and_tried_again_like_any_other_fault(): void
    {
        Http::fake([self::ADDRESS => static fn () => throw new \WindowStall\Support\Outbound\TooLarge()]);
        $this->make();
        Queue::fake();
        Tell::of($this->stall, HookEvent::Paid, []);
        $delivery = Delivery::query()->firstOrFail();
        (new Deliver($delivery->id))->handle();
        self::assertSame([1, DeliveryState::Waiting], [$delivery->refresh()->tries, $delivery->state]);
        self::assertStringStartsWith('Its answer is too long', (string) $delivery->trouble);
    }

    public function test_only_public_addresses_are_told_and_only_ones_own(): void
    {
        foreach (['http://example.com/x', 'https://127.0.0.1/x', 'https://10.1.2.3/x', 'nonsense'] as $address) {
            $this->postJson(route('programs.store', $this->stall), [
                'address' => $address,
                'events' => ['order.paid'],
            ])->assertUnprocessable();
        }
        $this->postJson(route('programs.store', $this->stall), [
            'address' => self::ADDRESS,
            'events' => ['mood'],
        ])->assertUnprocessable();
        $hook = $this->make();
        self::assertNotSame(
            $hook->secret,
            DB::table('hooks')->value('secret'),
            'kept so that a copy of the table tells nothing',
        );
        $this->getJson(route('programs', $this->stall))
            ->assertOk()
            ->assertJsonMissing(['secret' => $hook->secret])
            ->assertJsonPath('hooks.0.when', 'when suppliers change what you sell, or an order is paid for');
        $other = $this->world->stall();
        $this->deleteJson(route('programs.destroy', [$other, $hook->id]))->assertNotFound();
        Tell::of($other, HookEvent::Paid, []);
        Tell::of($this->stall, HookEvent::SetAside, []);
        self::assertSame(0, Delivery::query()->count(), 'another’s, and what it didn’t ask for');
        $this->deleteJson(route('programs.destroy', [$this->stall, $hook->id]))
            ->assertOk()
            ->assertJsonCount(0, 'hooks');
    }

    private function make(): Hook
    {
        $this->postJson(route('programs.store', $this->stall), [
            'address' => self::ADDRESS,
            'events' => [HookEvent::Changes->value, HookEvent::Paid->value],
        ])
            ->assertOk()
            ->assertJsonPath('secret', fn (string $s): bool => str_starts_with($s, 'whsec_'));

        return Hook::query()->where('stall_id', $this->stall->id)->firstOrFail();
    }
}
