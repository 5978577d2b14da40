<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use GuzzleHttp\Client;
use GuzzleHttp\Promise\Each;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Psr\Http\Message\ResponseInterface;
use WindowStall\Bench\ListingVariant;
use WindowStall\Counter\Order;
use WindowStall\Counter\Payment\PaymentService;
use WindowStall\Counter\PlaceOrder;
use WindowStall\Shop\Basket;
use WindowStall\Shop\BasketContents;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/**
 * Measures how soon each of many shoppers after the last pieces is told, over HTTP: from their return from the payment service to
 * the page of their order. Beside it, the same number of looks at such a page, as many at once. Its orders stay; it is meant for
 * the bench's own instance.
 */
final class RunCrowdBench extends Command
{
    protected $signature = 'bench:crowd {--shoppers=200} {--pieces=5} {--at-once=40}';

    protected $description = 'Print how soon shoppers after the last pieces are told';

    /** Seconds in which everybody is to be told. */
    private const TOLD = 2.0;

    private const SOLD_OUT = 'sold out while you were paying';

    private const VARIANT = <<<'SQL'
        SELECT variant.id, variant.selling_id
        FROM listing_variants AS variant
        JOIN listings AS listing ON listing.id = variant.listing_id
        JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :home
        JOIN supplier_variants AS source ON source.id = variant.selling_id
        WHERE listing.stall_id = :stall AND listing.state = 'in_window' AND price.offered AND source.available >= :pieces
        ORDER BY variant.id
        LIMIT 1
        SQL;

    /** Leaves that many pieces to be bought. */
    private const FEW = 'UPDATE supplier_variants SET stock = promised + out_of_reach + kept_back + ? WHERE id = ?';

    public function handle(): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo to measure.');
        $pieces = (int) $this->option('pieces');
        $variant = $this->variant($stall, $pieces);
        $orders = [];
        for ($n = 1; $n <= (int) $this->option('shoppers'); $n++) {
            $orders[] = $this->approved($stall, $variant, $n);
        }
        $client = new Client(['http_errors' => false, 'allow_redirects' => false, 'timeout' => 30]);
        $addresses = array_map(static fn (Order $order): string => $stall->shopAddress('/orders/'.$order->token), $orders);
        $soldOut = 0;
        $read = static function (ResponseInterface $page) use (&$soldOut): void {
            $soldOut += str_contains((string) $page->getBody(), self::SOLD_OUT) ? 1 : 0;
        };
        $told = $this->all($addresses, static fn (string $at): PromiseInterface => $client->getAsync($at.'/paid')
            // Who is in time is led on to their order; who is too late is told by the answer.
            ->then(static fn ($answer) => $answer->getStatusCode() === 303 ? $client->getAsync($at) : $answer)
            ->then($read));
        $plain = $this->all($addresses, static fn (string $at): PromiseInterface => $client->getAsync($at));
        $this->line(sprintf(
            '%d shoppers after the last %d pieces, %d at once: %d orders, %d told that it is sold out',
            count($orders),
            $pieces,
            (int) $this->option('at-once'),
            count($orders) - $soldOut,
            $soldOut,
        ));
        $row = static fn (string $name, array $took): string => sprintf(
            '  %-44s %6.0f ms median, %6.0f ms p95, %6.0f ms the last',
            $name,
            $took[intdiv(count($took), 2)] * 1_000,
            $took[(int) (0.95 * count($took))] * 1_000,
            (float) end($took) * 1_000,
        );
        $this->line($row('from their return to the page that tells it', $told));
        $this->line($row('a look at the same pages, as many at once', $plain));
        $kept = (float) end($told) <= self::TOLD;
        $this->line(sprintf('  everybody told within %.0f s: %s', self::TOLD, $kept ? 'kept' : 'not kept'));

        return self::SUCCESS;
    }

    /** One of which so many pieces are left. */
    private function variant(Stall $stall, int $pieces): ListingVariant
    {
        $found = DB::selectOne(self::VARIANT, ['home' => $stall->home_market, 'stall' => $stall->id, 'pieces' => $pieces])
            ?? throw new Refusal('Nothing in the window has that many pieces.');
        DB::update(self::FEW, [$pieces, $found->selling_id]);

        return ListingVariant::query()->findOrFail((int) $found->id);
    }

    /** An order whose shopper has approved its payment and is on the way back. */
    private function approved(Stall $stall, ListingVariant $variant, int $n): Order
    {
        $basket = Basket::start($stall);
        $basket->put($variant->id, 1, 99);
        $order = app(PlaceOrder::class)($stall, $basket, BasketContents::of($stall, $basket), [
            'email' => sprintf('crowd%d@bench.example', $n),
            'name' => 'Ines Fennimore',
            'street' => '4 Pound Row',
            'town' => 'Aldermere',
            'postcode' => 'AL4 7QT',
            'part' => '',
        ]);
        app(PaymentService::class)->open($order, $stall);
        (new Client(['http_errors' => false, 'allow_redirects' => false]))
            ->post((string) $order->pay_at, ['form_params' => ['card' => 'approves']]);

        return $order;
    }

    /**
     * @param  list<string>  $addresses
     * @param  callable(string): PromiseInterface  $ask
     * @return list<float> seconds, the least first
     */
    private function all(array $addresses, callable $ask): array
    {
        $took = [];
        $each = static function () use ($addresses, $ask, &$took): \Generator {
            foreach ($addresses as $at) {
                $began = microtime(true);
                yield $ask($at)->then(static function () use ($began, &$took): void {
                    $took[] = microtime(true) - $began;
                });
            }
        };
        Each::ofLimitAll($each(), (int) $this->option('at-once'))->wait();
        sort($took);

        return $took;
    }
}
