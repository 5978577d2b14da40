<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use WindowStall\Source\ConnectSupplier;
use WindowStall\Source\Jobs\PullItem;
use WindowStall\Source\KeepListening;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\Views\SupplierView;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;

/** Several stalls of one person buy by one account: its news is taken once and goes to all of them. */
final class OneAccountTest extends AppTestCase
{
    private const KEY = 'oakum-second-key';

    private Stall $first;

    private Stall $second;

    private SupplierConnection $one;

    private SupplierConnection $other;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        [$this->first, $this->second] = [$this->world->stall(), $this->world->stall()];
        $this->one = $this->connect($this->first);
        $this->other = $this->connect($this->second);
    }

    public function test_connecting_a_second_stall_leaves_the_news_of_the_first_where_it_was(): void
    {
        self::assertNotNull($this->one->account);
        self::assertSame($this->one->account, $this->other->account);
        self::assertSame($this->one->secrets['hook'], $this->other->secrets['hook']);
        self::assertSame($this->address(), $this->one->ordering()?->listensAt($this->one->access()));
    }

    public function test_news_of_an_item_goes_to_all_stalls_once_each(): void
    {
        $this->news(['event' => 'e-1', 'kind' => 'item.changed', 'item' => 'OD-1001'])->assertOk();
        $this->news(['event' => 'e-1', 'kind' => 'item.changed', 'item' => 'OD-1001'])->assertOk();
        $pulled = [];
        Queue::assertPushed(PullItem::class, static function (PullItem $job) use (&$pulled): bool {
            $pulled[] = $job->supplier;

            return true;
        });
        sort($pulled);
        self::assertSame([$this->one->id, $this->other->id], $pulled);
        self::assertNotNull($this->other->refresh()->heard_at);
        self::assertStringContainsString('Its last news', (string) $this->seen($this->second, $this->other)->stands->news);
        $this->news(['event' => 'e-2', 'kind' => 'item.changed', 'item' => 'OD-1001'], 'forged')->assertForbidden();
    }

    public function test_news_of_an_order_that_no_stall_placed_is_sent_again_later(): void
    {
        $order = ['id' => 999_999_999, 'state' => 'posted', 'reference' => 'x', 'lines' => [], 'goods' => 1, 'delivery' => 1];
        self::assertContains(
            $this->news(['event' => 'e-3', 'kind' => 'order.posted', 'order' => $order])->getStatusCode(),
            [403, 409, 422],
            'nobody’s: nothing is written',
        );
        self::assertSame(0, DB::table('supplier_events')->whereIn('connection_id', [$this->one->id, $this->other->id])->count());
    }

    public function test_at_a_pull_news_that_went_elsewhere_is_asked_back_and_said(): void
    {
        $this->one->update(['heard_at' => now()->subHours(3)]);
        $this->one->ordering()?->listen($this->one->access(), 'http://elsewhere.example/news', str_repeat('x', 20));
        (new KeepListening())($this->one);
        self::assertSame($this->address(), $this->one->ordering()?->listensAt($this->one->access()));
        $seen = $this->seen($this->first, $this->one->refresh());
        self::assertTrue($seen->stands->missed);
        self::assertStringStartsWith('Since 3 hours ago its news may have gone', (string) $seen->stands->news);
        (new KeepListening())($this->one);
        self::assertFalse($this->seen($this->first, $this->one->refresh())->stands->missed, 'the next pull finds it in order');
    }

    public function test_one_that_was_connected_before_gets_its_account_at_its_next_pull(): void
    {
        $this->one->update(['account' => null, 'secrets' => ['hook' => 'old'] + $this->one->secrets]);
        (new KeepListening())($this->one);
        self::assertSame($this->other->account, $this->one->refresh()->account);
        self::assertSame($this->other->secrets['hook'], $this->one->secrets['hook']);
        self::assertNull($this->one->unheard_from);
    }

    private function connect(Stall $stall): SupplierConnection
    {
        return app(ConnectSupplier::class)($stall, 'oakum', (string) config('stall.oakum.address'), self::KEY);
    }

    private function seen(Stall $stall, SupplierConnection $connection): SupplierView
    {
        return SupplierView::of($stall, $connection, '');
    }

    private function address(): string
    {
        return route('hooks.supplier', (string) $this->one->account);
    }

    /**
     * @param  array<string, mixed>  $said
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function news(array $said, ?string $signature = null): TestResponse
    {
        [$time, $body] = [(string) time(), (string) json_encode($said)];

        return $this->call('POST', $this->address(), server: $this->transformHeadersToServerVars([
            'Content-Type' => 'application/json',
            'Oakum-Time' => $time,
            'Oakum-Signature' => $signature ?? hash_hmac('sha256', $time.'.'.$body, $this->one->secrets['hook']),
        ]), content: $body);
    }
}
