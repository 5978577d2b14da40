<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use GuzzleHttp\Cookie\CookieJar;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Str;
use WindowStall\Bench\Listing;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Words\Plural;
use WindowStall\Delivery\QuoteFigures;
use WindowStall\Delivery\ResolveDelivery;
use WindowStall\Delivery\SentGoods;
use WindowStall\Delivery\WantedLine;
use WindowStall\Delivery\WantedLines;
use WindowStall\Pricing\PriceListings;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;
use WindowStall\Support\Refusal;

/**
 * Measures what a quote for a full basket takes, beside the one SELECT it is made of, and the steps of a checkout over HTTP. Some
 * goods of every supplier are put in the window for that.
 */
final class RunQuotesBench extends Command
{
    protected $signature = 'bench:quotes {--times=300}';

    protected $description = 'Print what a quote for 20 lines and the steps of a checkout take';

    private const LINES = 20;

    private const SUPPLIERS = 4;

    /** Goods of each supplier. */
    private const OF_EACH = 8;

    /** Milliseconds that a step of the checkout may take, for 95 of 100. */
    private const STEP = 150;

    private const FILE = <<<'SQL'
        UPDATE listings
        SET state = 'in_window', shown_since = COALESCE(shown_since, now())
        WHERE stall_id = ?
          AND id = ANY (?::bigint[])
          AND deleted_at IS NULL
        SQL;

    /** Variants in the window, as many of each supplier as there may be. */
    private const VARIANTS = <<<'SQL'
        SELECT variant.id
        FROM (
            SELECT variant.id, row_number() OVER (PARTITION BY item.connection_id ORDER BY variant.id) AS place
            FROM listing_variants AS variant
            JOIN listings AS listing ON listing.id = variant.listing_id
            JOIN prices AS price ON price.listing_variant_id = variant.id AND price.market = :home
            JOIN supplier_variants AS source ON source.id = variant.selling_id
            JOIN supplier_items AS item ON item.id = source.supplier_item_id
            WHERE listing.stall_id = :stall AND listing.state = 'in_window' AND price.offered AND source.available > 0
        ) AS variant
        ORDER BY variant.place, variant.id
        LIMIT :most
        SQL;

    public function handle(ResolveDelivery $resolve): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo to measure.');
        $this->fill($stall);
        $this->measure($stall, $resolve);
        $this->checkout($stall);

        return self::SUCCESS;
    }

    /** Puts some goods of each supplier in the window. */
    private function fill(Stall $stall): void
    {
        $listings = [];
        foreach (SupplierConnection::of($stall)->get() as $connection) {
            $items = SupplierItem::query()
                ->where('connection_id', $connection->getKey())
                ->orderBy('id')
                ->limit(self::OF_EACH)
                ->pluck('id')
                ->map(intval(...))
                ->all();
            app(TakeToBench::class)($stall, array_values($items));
            $listings = [...$listings, ...Listing::of($stall)->whereIn('supplier_item_id', $items)->pluck('id')->all()];
        }
        DB::update(self::FILE, [$stall->id, PgArray::numbers(array_values(array_map(intval(...), $listings)))]);
        app(PriceListings::class)($stall->refresh());
    }

    /** @return list<array{variant: int, pieces: int}> */
    private static function asked(Stall $stall): array
    {
        $ids = DB::select(self::VARIANTS, ['home' => $stall->home_market, 'stall' => $stall->id, 'most' => self::LINES]);

        return array_values(array_map(static fn (\stdClass $row): array => ['variant' => (int) $row->id, 'pieces' => 2], $ids));
    }

    /** Over as many suppliers as are wanted: those of the demo, and for the time being some more that have part of their goods. */
    private function measure(Stall $stall, ResolveDelivery $resolve): void
    {
        DB::beginTransaction();
        try {
            $this->share($stall);
            $this->timed($stall, $resolve);
        } finally {
            DB::rollBack();
        }
    }

    private function share(Stall $stall): void
    {
        $items = DB::table('listing_variants AS variant')
            ->join('supplier_variants AS source', 'source.id', '=', 'variant.selling_id')
            ->join('supplier_items AS item', 'item.id', '=', 'source.supplier_item_id')
            ->whereIn('variant.id', array_column(self::asked($stall), 'variant'))
            ->orderBy('item.id')
            ->distinct()
            ->get(['item.id', 'item.connection_id'])
            ->groupBy('connection_id');
        $more = self::SUPPLIERS - $items->count();
        foreach ($items->sortByDesc->count()->take($more) as $connection => $some) {
            $copy = SupplierConnection::query()->findOrFail($connection)->replicate();
            $copy->forceFill(['name' => $copy->name.' again', 'address' => $copy->address.'/again', 'public_id' => (string) Str::uuid()])->save();
            DB::table('supplier_items')
                ->whereIn('id', $some->take((int) ceil($some->count() / 2))->pluck('id'))
                ->update(['connection_id' => $copy->id]);
        }
    }

    private function timed(Stall $stall, ResolveDelivery $resolve): void
    {
        $asked = self::asked($stall);
        $lines = WantedLines::of($stall, $asked) ?? throw new Refusal('The window has changed meanwhile.');
        $to = new Destination('GB', null, 'AL4 7QT');
        $suppliers = count(array_unique(array_map(
            static fn ($goods): int => $goods->supplier,
            SentGoods::of($stall, $lines, $to->country),
        )));
        $select = $this->median(static fn () => SentGoods::of($stall, $lines, $to->country));
        $whole = $this->median(static function () use ($stall, $resolve, $lines, $to): void {
            // As a request has it: nothing of the stall's terms is read yet.
            $stall->unsetRelations();
            self::quote($stall, $resolve, $lines, $to);
        });
        $this->line(sprintf(
            'A quote for %d lines over %s to one address',
            count($lines),
            Plural::of($suppliers, 'supplier'),
        ));
        $this->line(sprintf('  %-44s %6.1f ms', 'in core and SQL together, median', $whole));
        $this->line(sprintf('  %-44s %6.1f ms', 'the SELECT of the same rows, read', $select));
        $this->line(sprintf('  %-44s %6.1f', 'times that', $whole / $select));
    }

    /** The steps of a checkout with some goods of each supplier, over HTTP, without what is asked outside. */
    private function checkout(Stall $stall): void
    {
        $shop = Http::withOptions(['cookies' => new CookieJar(), 'allow_redirects' => false])->asForm()->timeout(10);
        foreach (array_slice(self::asked($stall), 0, self::OF_EACH) as $line) {
            $listing = DB::table('listing_variants')->where('id', $line['variant'])->value('listing_id');
            $put = ['listing' => $listing, 'variant' => $line['variant'], 'quantity' => 1];
            $shop->post($stall->shopAddress('/basket'), $put)->throw();
        }
        $look = ['country' => 'GB', 'postcode' => 'AL4 7QT', 'look' => '1'];
        $this->line('');
        $this->line(sprintf('Steps of a checkout over HTTP, milliseconds, median and 95th percentile (aim %d)', self::STEP));
        $this->step('the basket', static fn () => $shop->get($stall->shopAddress('/basket'))->throw());
        $this->step('the checkout', static fn () => $shop->get($stall->shopAddress('/checkout'))->throw());
        $this->step('another postcode', static fn () => $shop->post($stall->shopAddress('/checkout'), $look)->throw());
    }

    /** @param  callable(): mixed  $do */
    private function step(string $name, callable $do): void
    {
        $took = $this->took($do, 100);
        $this->line(sprintf('  %-44s %6.1f %6.1f', $name, $took[50], $took[95]));
    }

    /** @param  list<WantedLine>  $lines */
    private static function quote(Stall $stall, ResolveDelivery $resolve, array $lines, Destination $to): void
    {
        $asked = $resolve($stall, $lines, $to);
        foreach ($asked->resolution->ways as $way) {
            QuoteFigures::of($stall, $asked->goods, $way, $to->country);
        }
    }

    /**
     * @param  callable(): mixed  $do
     * @return float milliseconds
     */
    private function median(callable $do): float
    {
        $took = $this->took($do, (int) $this->option('times'));

        return $took[intdiv(count($took), 2)];
    }

    /**
     * @param  callable(): mixed  $do
     * @return list<float> milliseconds, the least first
     */
    private function took(callable $do, int $times): array
    {
        $took = [];
        for ($n = 0; $n < $times + 20; $n++) {
            $began = hrtime(true);
            $do();
            // The first ones warm up.
            if ($n >= 20) {
                $took[] = (hrtime(true) - $began) / 1e6;
            }
        }
        sort($took);

        return $took;
    }
}
