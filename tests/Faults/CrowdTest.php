<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use GuzzleHttp\Client;
use GuzzleHttp\Promise\Each;
use GuzzleHttp\Promise\Utils;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Dispatch\OrderState;
use WindowStall\Counter\Order;
use WindowStall\Counter\Papers\OrderPaper;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Counter\SupplierOrder;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Standins\Oakum\Books;

/**
 * Many at once: nobody waits for somebody else's slow service, nothing is sold twice, nothing that was said is lost.
 */
final class CrowdTest extends FaultsTestCase
{
    private const SHOPPERS = 12;

    private const PIECES = 10;

    /**
     * Seconds in which a shop answers although a supplier takes twelve for each question; an undisturbed answer takes a
     * hundredth of it.
     */
    private const AT_MOST = 6.0;

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
    }

    public function test_twelve_shoppers_after_ten_pieces_behind_a_slow_supplier(): void
    {
        $variant = $this->onSale($this->stall, 'crowd-'.$this->stall->id, self::PIECES);
        $shoppers = array_map(fn (): array => $this->reachPayment($variant), range(1, self::SHOPPERS));
        Books::set('slow', '1');
        $slowest = 0.0;
        $watch = [
            'on_stats' => static function ($stats) use (&$slowest): void {
                $slowest = max($slowest, $stats->getTransferTime());
            },
        ];
        $returns = array_map(static fn (array $s) => $s['client']->getAsync($s['order'].'/paid', $watch), $shoppers);
        $others = array_map(
            fn () => $this->visitor()->postAsync(
                $this->stall->shopAddress('/basket'),
                ['form_params' => ['listing' => $variant->listing_id, 'variant' => $variant->id]] + $watch,
            ),
            range(1, 4),
        );
        foreach (Utils::unwrap([...$returns, ...$others]) as $answer) {
            self::assertInstanceOf(ResponseInterface::class, $answer);
            self::assertContains($answer->getStatusCode(), [200, 303, 422], (string) $answer->getBody());
        }
        self::assertLessThan(self::AT_MOST, $slowest, 'somebody waited for the supplier');
        $this->until(
            fn (): bool => $this->ordersIn(OrderState::AwaitingPayment) === 0,
            'for all payments to be settled',
            90,
        );
        self::assertSame(
            [self::PIECES, self::SHOPPERS - self::PIECES],
            [$this->ordersIn(OrderState::Paid), $this->ordersIn(OrderState::SoldOut)],
        );
        self::assertSame(self::PIECES, SupplierVariant::query()->findOrFail($variant->supplier_variant_id)->promised);
        self::assertSame(
            range(1, self::PIECES),
            OrderPaper::query()->where('stall_id', $this->stall->id)->orderBy('number')->pluck('number')->all(),
            'invoices are numbered without a gap, one for each who paid',
        );
        $states = DB::connection('payment')
            ->table('payments')
            ->whereIn('id', Order::query()->where('stall_id', $this->stall->id)->pluck('payment_id'))
            ->selectRaw('state, sum(captures) AS captures, count(*) AS n')
            ->groupBy('state')
            ->orderBy('state')
            ->get();
        self::assertEquals(
            [['captured', self::PIECES, self::PIECES], ['void', 0, self::SHOPPERS - self::PIECES]],
            $states->map(static fn ($s): array => [$s->state, (int) $s->captures, (int) $s->n])->all(),
        );
    }

    /** Forty at a time, as fast as the machine takes them; each is told by the answer to their own return. */
    public function test_two_hundred_shoppers_after_the_last_five_pieces_and_everybody_is_told_by_their_own_return(): void
    {
        $variant = $this->onSale($this->stall, 'last-'.$this->stall->id, 5);
        $orders = array_map(fn (int $n): Order => $this->approved($variant, $n), range(1, 200));
        $client = $this->visitor();
        $slowest = 0.0;
        $told = [];
        $all = (static function () use ($orders, $client, &$slowest, &$told): \Generator {
            foreach ($orders as $order) {
                $began = microtime(true);
                $at = (string) $order->stall?->shopAddress('/orders/'.$order->token);
                yield $client->getAsync($at.'/paid')->then(
                    static function (ResponseInterface $page) use ($began, &$slowest, &$told): void {
                        $slowest = max($slowest, microtime(true) - $began);
                        $told[] = str_contains((string) $page->getBody(), 'sold out while you were paying');
                    },
                );
            }
        })();
        Each::ofLimitAll($all, 40)->wait();
        self::assertSame([5, 195], [count(array_filter($told, static fn (bool $t): bool => ! $t)), count(array_filter($told))]);
        self::assertLessThan(self::AT_MOST, $slowest, 'somebody waited for the others');
        $this->until(fn (): bool => $this->ordersIn(OrderState::AwaitingPayment) === 0, 'for all payments to be settled', 120);
        self::assertSame([5, 195], [$this->ordersIn(OrderState::Paid), $this->ordersIn(OrderState::SoldOut)]);
        self::assertSame(5, SupplierVariant::query()->findOrFail($variant->supplier_variant_id)->promised);
        $states = DB::connection('payment')->table('payments')
            ->whereIn('reference', array_map(static fn (Order $order): string => $order->token, $orders))
            ->selectRaw('state, count(*) AS n')
            ->groupBy('state')
            ->orderBy('state')
            ->pluck('n', 'state')
            ->map(static fn (mixed $n): int => (int) $n)
            ->all();
        self::assertSame(['captured' => 5, 'void' => 195], $states);
    }

    /** An order whose shopper has approved its payment and is on the way back. */
    private function approved(ListingVariant $variant, int $n): Order
    {
        $basket = Basket::start($this->stall);
        $basket->put($variant->id, 1, 99);
        $order = app(PlaceOrder::class)($this->stall, $basket, BasketContents::of($this->stall, $basket), [
            'email' => sprintf('s%d@fennimore.example', $n),
            'name' => 'Ines Fennimore',
            'street' => '4 Pound Row',
            'town' => 'Aldermere',
            'postcode' => 'AL4 7QT',
            'part' => '',
        ]);
        app(PaymentService::class)->open($order, $this->stall);
        DB::connection('payment')->table('payments')->where('id', $order->payment_id)->update(['state' => 'authorised']);

        return $order->setRelation('stall', $this->stall);
    }

    public function test_parallel_refunds_give_back_once_and_a_refund_while_it_is_sent_waits(): void
    {
        $variant = $this->onSale($this->stall, 'refund-'.$this->stall->id, 5);
        SupplierConnection::of($this->stall)->update(['address' => 'http://oakum.standins.localhost:1']);
        ['client' => $shopper, 'order' => $order] = $this->reachPayment($variant);
        $shopper->get($order.'/paid');
        $this->until(fn (): bool => $this->ordersIn(OrderState::Paid) === 1, 'for it to be paid');
        $row = Order::query()->where('stall_id', $this->stall->id)->firstOrFail();
        $this->until(
            fn (): bool => SupplierOrder::query()->where('order_id', $row->id)->whereNull('sending_until')->exists(),
            'for the try to end',
        );
        $seller = $this->seller();
        Utils::unwrap(
            array_map(
                fn () => $seller->postAsync('/at/'.$this->stall->handle.'/counter/'.$row->id.'/refund', []),
                range(1, 8),
            ),
        );
        $this->until(fn (): bool => $this->ordersIn(OrderState::Refunded) === 1, 'for the money to be back');
        self::assertSame(0, SupplierVariant::query()->findOrFail($variant->supplier_variant_id)->promised);
        self::assertSame(
            'refunded',
            DB::connection('payment')->table('payments')->where('id', $row->payment_id)->value('state'),
        );
    }

    public function test_eight_people_giving_parts_back_at_once_never_give_more_than_was_paid(): void
    {
        $variant = $this->onSale($this->stall, 'parts-'.$this->stall->id, 5);
        $row = $this->approved($variant, 1);
        $this->visitor()->get($this->stall->shopAddress('/orders/'.$row->token.'/paid'));
        $this->until(fn (): bool => $this->ordersIn(OrderState::Paid) === 1, 'for the order to be paid');
        $seller = $this->seller();
        $third = $row->money(intdiv($row->total_minor, 3))->digits();
        Utils::unwrap(array_map(fn (int $n) => $seller->postAsync(
            '/at/'.$this->stall->handle.'/counter/'.$row->id.'/refund',
            // Two press with each of four wishes.
            ['key' => 'wish-'.intdiv($n, 2), 'besides' => $third],
        ), range(0, 7)));
        $this->until(fn (): bool => DB::table('refunds')->where('order_id', $row->id)->whereNull('done_at')->doesntExist(), 'for the money');
        self::assertSame(3, DB::table('refunds')->where('order_id', $row->id)->count(), 'the fourth wish finds too little left');
        self::assertSame(
            3 * intdiv($row->total_minor, 3),
            (int) DB::connection('payment')->table('payments')->where('id', $row->payment_id)->value('refunded'),
        );
        self::assertSame(
            [1, 2, 3],
            OrderPaper::query()->where('order_id', $row->id)->where('kind', 'credit')->orderBy('number')->pluck('number')->all(),
        );
    }

    public function test_twenty_parallel_adds_are_twenty_and_eight_parallel_tags_all_stand(): void
    {
        $variant = $this->onSale($this->stall, 'add-'.$this->stall->id, 90);
        $shopper = $this->visitor();
        $add = ['form_params' => ['listing' => $variant->listing_id, 'variant' => $variant->id, 'quantity' => 1]];
        $shopper->post($this->stall->shopAddress('/basket'), $add);
        Utils::unwrap(array_map(fn () => $shopper->postAsync($this->stall->shopAddress('/basket'), $add), range(1, 19)));
        self::assertSame(20, (int) DB::table('basket_lines')->where('stall_id', $this->stall->id)->value('quantity'));

        $sellers = array_map(fn (): Seller => $this->seller(), range(1, 4));
        $tag = fn (int $n) => $sellers[$n % 4]->postAsync('/at/'.$this->stall->handle.'/bench/grid/tags', [
            'listings' => [$variant->listing_id],
            'add' => ['tag'.$n],
            'remove' => [],
        ]);
        $answers = [];
        // Three at once are let in for a stall; whoever is told to wait comes again.
        foreach (array_chunk(range(0, 7), 3) as $some) {
            array_push($answers, ...Utils::unwrap(array_map($tag, $some)));
        }
        self::assertSame(
            array_fill(0, 8, 200),
            array_map(static fn (ResponseInterface $r): int => $r->getStatusCode(), $answers),
        );
        self::assertCount(8, $variant->listing()->firstOrFail()->own_tags);
    }

    public function test_of_four_who_saw_the_same_listing_one_writes_and_three_are_told(): void
    {
        $listing = $this->onSale($this->stall, 'patch-'.$this->stall->id, 5)->listing()->firstOrFail();
        $seen = $listing->version;
        $sellers = array_map(fn (): Seller => $this->seller(), range(1, 4));
        $answers = Utils::unwrap(array_map(
            fn (Seller $seller, int $n) => $seller->patchAsync($this->bench($listing->id), [
                'title' => 'Word '.$n,
                'order' => ['maker' => 'Maker '.$n],
                'version' => $seen,
            ]),
            $sellers,
            [1, 2, 3, 4],
        ));
        $codes = array_map(static fn (ResponseInterface $r): int => $r->getStatusCode(), $answers);
        sort($codes);
        self::assertSame([200, 409, 409, 409], $codes);
        $now = $listing->refresh();
        self::assertSame(str_replace('Word', 'Maker', (string) $now->own_title), $now->own_maker, 'of one person alone');
        self::assertSame($seen + 1, $now->version);
        self::assertSame(1, $this->steps());
    }

    public function test_of_four_who_take_the_same_step_back_one_does_and_prices_set_at_once_all_count(): void
    {
        $variant = $this->onSale($this->stall, 'undo-'.$this->stall->id, 5);
        $sellers = array_map(fn (): Seller => $this->seller(), range(1, 4));
        $sellers[0]->post('/at/'.$this->stall->handle.'/pricing/set', [
            'variants' => [$variant->id],
            'do' => 'price',
            'value' => '20.00',
        ]);
        $step = (int) BenchChange::query()->where('stall_id', $this->stall->id)->max('id');
        $answers = Utils::unwrap(array_map(
            fn (Seller $s) => $s->postAsync('/at/'.$this->stall->handle.'/bench/undo/'.$step, []),
            $sellers,
        ));
        $codes = array_map(static fn (ResponseInterface $r): int => $r->getStatusCode(), $answers);
        sort($codes);
        self::assertSame([200, 422, 422, 422], $codes);
        self::assertNull($variant->refresh()->own_price_minor);

        Utils::unwrap(array_map(
            fn (Seller $s, int $n) => $s->postAsync('/at/'.$this->stall->handle.'/pricing/set', [
                'variants' => [$variant->id],
                'do' => 'price',
                'value' => '2'.$n.'.00',
            ]),
            $sellers,
            [1, 2, 3, 4],
        ));
        $asked = (int) DB::table('prices')->where('listing_variant_id', $variant->id)->value('price_minor');
        self::assertSame($variant->refresh()->own_price_minor, $asked, 'what is asked is what was said last');
        self::assertSame(5, $this->steps(), 'each is a step of its own');
    }

    private function bench(int $listing): string
    {
        return '/at/'.$this->stall->handle.'/bench/'.$listing;
    }

    private function steps(): int
    {
        return BenchChange::query()->where('stall_id', $this->stall->id)->count();
    }

    /** @return array{client: Client, order: string} a shopper whose card is approved, and the address of the order */
    private function reachPayment(ListingVariant $variant): array
    {
        $client = $this->visitor();
        $shop = $this->stall->shopAddress();
        $client->post($shop.'/basket', [
            'form_params' => ['listing' => $variant->listing_id, 'variant' => $variant->id],
        ]);
        preg_match('/name="total" value="(\d+)"/', (string) $client->get($shop.'/checkout')->getBody(), $m);
        $to = $client
            ->post($shop.'/checkout', [
                'form_params' => [
                    'total' => $m[1] ?? 0,
                    'email' => 'ines@fennimore.example',
                    'name' => 'Ines Fennimore',
                    'street' => '4 Pound Row',
                    'town' => 'Aldermere',
                    'postcode' => 'AL4 7QT',
                ],
            ])
            ->getHeaderLine('Location');
        $client->post($to, ['form_params' => ['card' => 'approves']]);
        $token = Order::query()->where('stall_id', $this->stall->id)->where('pay_at', $to)->value('token');

        return ['client' => $client, 'order' => $shop.'/orders/'.$token];
    }

    /** @phpstan-impure */
    private function ordersIn(OrderState $state): int
    {
        return Order::query()->where('stall_id', $this->stall->id)->where('state', $state)->count();
    }
}
