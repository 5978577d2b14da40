<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Support;

use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** What is sent is measured before anything reads it: nobody holds a worker with a body. */
final class MeasuredBodyTest extends AppTestCase
{
    #[TestWith(['/sign-in'])]
    #[TestWith(['/sign-up'])]
    #[TestWith(['/password/forgotten'])]
    public function test_a_guest_sends_little(string $address): void
    {
        $this->json('POST', $address, ['email' => str_repeat('x', 70_000)])->assertStatus(413);
        $this->json('POST', $address, ['email' => range(1, 501)])->assertStatus(413);
        self::assertNotSame(413, $this->json('POST', $address, ['email' => 'a@quillet.example'])->getStatusCode());
    }

    public function test_a_program_and_a_screen_are_bounded_by_length_number_and_depth(): void
    {
        $this->signIn();
        $stall = $this->world->stall();
        $this->raw('/api/v1/price-trials', '{"a":['.implode(',', range(1, 20_001)).']}')->assertStatus(413);
        $this->raw('/hooks/supplier/'.str_repeat('0', 8), str_repeat(' ', 1_048_577))->assertStatus(413);
        $at = route('bench.cells', $stall, absolute: false);
        $this->raw($at, '{"cells":['.implode(',', range(1, 200_001)).']}')->assertStatus(413);
        $this->raw($at, '{"cells":'.str_repeat('[', 40).str_repeat(']', 40).'}')->assertStatus(413);
        $this->raw($at, str_repeat('}', 2_000_000))->assertStatus(422);
        // Brackets and commas in what somebody wrote are no lists.
        $words = json_encode(['cells' => str_repeat('[{"a\\"', 300)]);
        $this->raw($at, (string) $words)->assertStatus(422);
    }

    public function test_a_shop_takes_forms_alone(): void
    {
        $stall = $this->world->stall();
        $host = $stall->handle.'.'.config('stall.shops_host');
        $this->call('POST', 'http://'.$host.'/basket', server: ['CONTENT_TYPE' => 'application/json'], content: '[1]')
            ->assertStatus(415);
    }

    /** As the web server under test answers it: in no time, and with a page of ours. */
    public function test_the_running_program_refuses_long_bodies_before_it_is_asked(): void
    {
        $stall = Stall::query()->make(['handle' => 'nobody']);
        $workshop = 'http://'.config('stall.workshop_host').config('stall.port_suffix');
        $long = '['.str_repeat('1,', 2_000_000).'1]';
        foreach ([$workshop.'/sign-in', $workshop.'/api/v1/price-trials', $workshop.'/hooks/supplier/x'] as $address) {
            $answer = Http::withBody($long, 'application/json')->timeout(10)->post($address);
            self::assertSame([413, 'That is more than can be sent here at once. Send less.'], [
                $answer->status(),
                $answer->json('message'),
            ]);
        }
        $answer = Http::withBody('quantity='.str_repeat('1', 70_000), 'application/x-www-form-urlencoded')
            ->timeout(10)
            ->post($stall->shopAddress('/basket'));
        self::assertSame(413, $answer->status());
        self::assertStringStartsWith('That is more than can be sent here', $answer->body());
        self::assertStringNotContainsString(base_path(), $answer->body());
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function raw(string $address, string $body): TestResponse
    {
        return $this->call(
            'POST',
            'http://'.config('stall.workshop_host').$address,
            server: ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
            content: $body,
        );
    }
}
