<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\WhatLies;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Core\Feeds\ReadLine;
use WindowStall\Pricing\BoardQuery;
use WindowStall\Pricing\PriceListings;
use WindowStall\Pricing\TryPricing;
use WindowStall\Pricing\Views\BoardView;
use WindowStall\Runs\RunState;
use WindowStall\Source\Feeds\OpenFeed;
use WindowStall\Source\Finding\FindItems;
use WindowStall\Source\Finding\ItemSearch;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Source\Views\ItemRows;
use WindowStall\Source\Views\SearchView;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Recipes;

/** Measures the program at the size its users reach: 100,000 variants. bin/bench calls it after the small figures. */
final class RunLargeBench extends Command
{
    private const LIST_ALL = <<<'SQL'
        INSERT INTO listings (
            stall_id, supplier_item_id, agreed_words_id, state, slug, shown_title, created_at, updated_at
        )
        SELECT stall_id, id, words_id, 'on_bench', 'bench-' || id, left(title, 400), now(), now()
        FROM supplier_items AS item
        WHERE stall_id = ?
          AND gone_at IS NULL
          AND words_id IS NOT NULL
          AND NOT EXISTS (SELECT 1 FROM listings WHERE listings.supplier_item_id = item.id)
        SQL;

    private const LIST_VARIANTS = <<<'SQL'
        INSERT INTO listing_variants (listing_id, supplier_variant_id, external_id, position)
        SELECT listing.id, variant.id, variant.external_id, variant.position
        FROM listings AS listing
        JOIN supplier_variants AS variant ON variant.supplier_item_id = listing.supplier_item_id
            AND variant.gone_at IS NULL
        WHERE listing.stall_id = ?
        ON CONFLICT DO NOTHING
        SQL;

    /** The plainest way to write every price of a market: what making prices is compared with. */
    private const MOVE_PRICES = <<<'SQL'
        UPDATE prices
        SET price_minor = price_minor + 1,
            shown_minor = shown_minor + 1,
            recipe_minor = recipe_minor + 1,
            keep_minor = keep_minor + 1,
            margin_bp = margin_bp + 1,
            above_floor_minor = above_floor_minor + 1,
            since = now()
        WHERE stall_id = ?
          AND market = ?
        SQL;

    private const COUNT = <<<'SQL'
        SELECT count(*)
        FROM listings AS listing
        JOIN listing_variants AS variant ON variant.listing_id = listing.id
        JOIN supplier_variants AS source ON source.id = variant.supplier_variant_id
        JOIN prices AS price ON price.listing_variant_id = variant.id
        WHERE listing.stall_id = ?
          AND listing.state = 'on_bench'
          AND variant.own_on
          AND source.stock > 0
        SQL;

    private const VARIANTS = 100_000;

    protected $signature = 'bench:large';

    protected $description = 'Print figures at 100,000 variants';

    private const COLUMNS = [
        'range' => FeedField::Item,
        'sku' => FeedField::Sku,
        'ean' => FeedField::Barcode,
        'name' => FeedField::Title,
        'colour' => FeedField::Option,
        'size' => FeedField::Option,
        'text' => FeedField::Words,
        'section' => FeedField::Category,
        'price' => FeedField::Cost,
        'rrp' => FeedField::Rrp,
        'stock' => FeedField::Stock,
        'weight' => FeedField::Weight,
    ];

    public function handle(FindItems $find): int
    {
        $stall = Stall::query()->with('rates')->where('handle', 'quillet')->firstOrFail();
        $this->memory();
        $this->line('');
        OneStall::within($stall->id, function () use ($stall, $find): void {
            $this->pull($stall);
            $this->search($stall, $find);
            $this->price($stall);
            $this->lying($stall);
            $this->wall($stall, $find);
        });

        return self::SUCCESS;
    }

    /**
     * What row-level security costs: the same work as the bound role and as the tables' owner, turn and turn about in
     * the same session.
     */
    private function wall(Stall $stall, FindItems $find): void
    {
        $listing = Listing::query()->where('stall_id', $stall->id)->orderBy('id')->firstOrFail();
        $search = fn (array $query) => $find(
            $stall,
            ItemSearch::of(Request::create('/', 'GET', $query), $stall, $stall->home_market),
        );
        $board = fn (array $query) => BoardQuery::of(Request::create('/', 'GET', $query), $stall)->look($stall);
        $work = [
            'a search in Source, by words' => [41, fn () => $search(['q' => 'garden'])],
            'a search in Source, everything' => [41, fn () => $search([])],
            'a page of the price board' => [41, fn () => $board([])],
            'the board by words' => [41, fn () => $board(['q' => 'trowel', 'sort' => 'price'])],
            'one listing with every figure' => [
                41,
                fn () => ListingFigures::of(
                    $stall,
                    Listing::query()->with(Listing::FOR_FIGURES)->findOrFail($listing->id),
                ),
            ],
            'every variant priced, nothing moves' => [
                5,
                fn () => app(PriceListings::class)($stall->unsetRelations(), markets: [$stall->home_market]),
            ],
        ];
        $this->line('');
        $this->line(
            'Row-level security: the same as the bound role and as the owner of the tables, whom it doesn’t bind; '.
                'milliseconds',
        );
        $this->line(sprintf('  %-52s %10s %10s %8s', '', 'bound', 'owner', 'ratio'));
        $ratios = [];
        foreach ($work as $name => [$times, $do]) {
            [$bound, $free, $ratio] = $this->pairs($stall, $times, $do);
            $ratios[] = $ratio;
            $this->line(sprintf('  %-52s %10.1f %10.1f %8.2f', $name, $bound, $free, $ratio));
        }
        // Ratios are averaged by their product, so that one of 2 and one of 0.5 are 1.
        $this->line(
            sprintf(
                '  %-52s %10s %10s %8.2f',
                'on the average',
                '',
                '',
                array_product($ratios) ** (1 / count($ratios)),
            ),
        );
    }

    /**
     * @param  callable(): mixed  $do
     * @return array{float, float, float} medians in milliseconds, bound and not, and the middle of the pairs' ratios
     */
    private function pairs(Stall $stall, int $times, callable $do): array
    {
        $taken = ['bound' => [], 'free' => []];
        for ($n = 0; $n <= $times; $n++) {
            foreach ($n % 2 === 0 ? ['bound', 'free'] : ['free', 'bound'] as $how) {
                OneStall::enter($stall->id);
                $how === 'free' && DB::statement('RESET ROLE');
                $seconds = $this->seconds(static fn () => $do());
                // The first round warms up.
                $n > 0 && ($taken[$how][] = $seconds * 1000);
            }
        }
        OneStall::enter($stall->id);

        return [
            self::middle($taken['bound']),
            self::middle($taken['free']),
            self::middle(array_map(static fn (float $b, float $f): float => $b / $f, $taken['bound'], $taken['free'])),
        ];
    }

    /** @param  list<float>  $of */
    private static function middle(array $of): float
    {
        sort($of);

        return $of[intdiv(count($of), 2)];
    }

    private function vacuum(string $what): void
    {
        DB::connection('owner')->statement($what);
    }

    /** What PHP holds while a file ten times as large is read. */
    private function memory(): void
    {
        $mapping = $this->mapping();
        foreach ([30_000, 300_000, 1_500_000] as $rows) {
            $file = $this->goods($rows);
            memory_reset_peak_usage();
            $feed = OpenFeed::at($file);
            $read = new ReadLine($mapping, $feed->header());
            $n = 0;
            $taken = $this->seconds(function () use ($feed, $read, &$n): void {
                foreach ($feed->rows() as $number => $values) {
                    $read->read($number, $values);
                    $n++;
                }
            });
            $this->line(
                sprintf(
                    '  %-52s %8.1f s, PHP’s peak %d MB',
                    sprintf('a file of %d MB read row by row', intdiv((int) filesize($file), 1_000_000)),
                    $taken,
                    intdiv(memory_get_peak_usage(true), 1_000_000),
                ),
            );
            unlink($file);
        }
    }

    private function pull(Stall $stall): void
    {
        Artisan::call('standins:enlarge', ['--variants' => self::VARIANTS]);
        $connection = SupplierConnection::of($stall)->where('kind', 'oakum')->firstOrFail();
        $run = $connection->runs()->create(['stall_id' => $stall->id, 'state' => RunState::Waiting]);
        $taken = $this->seconds(fn () => app()->call([new PullCatalogue($run->id), 'handle']));
        $markets = count($stall->markets());
        $this->line(
            sprintf(
                'Oakum Depot with %s items and %s variants pulled over HTTP and landed in %d markets: %.0f s',
                number_format(SupplierItem::of($stall)->count()),
                number_format((int) SupplierItem::of($stall)->sum('variants_count')),
                $markets,
                $taken,
            ),
        );
        $this->vacuum('VACUUM ANALYZE supplier_items, supplier_variants, item_landings');
    }

    private function search(Stall $stall, FindItems $find): void
    {
        $connections = SupplierConnection::of($stall)->get();
        $asked = [
            [],
            ['q' => 'trowel'],
            ['q' => 'garden'],
            ['q' => 'brass mister', 'sort' => 'days'],
            ['q' => 'trowle'],
            ['q' => 'coper watring rose'],
            ['stock' => '50', 'days' => '5', 'from' => ['GB']],
            ['price' => '24.95', 'margin' => '30', 'rating' => '40'],
            ['category' => ['Pots and bags'], 'sort' => 'rating'],
            ['q' => 'OD-2040'],
            ['new' => '1', 'sort' => 'title'],
            ['landed' => '10', 'variants' => '5', 'sort' => 'stock'],
            ['q' => 'glass cloche', 'price' => '39.95', 'margin' => '40'],
        ];
        $all = [];
        $this->line('');
        $this->line('A search among them, with every filter counted and the first page of rows; milliseconds');
        $this->line(sprintf('  %-62s %8s %8s %8s', '', 'found', 'median', 'p95'));
        foreach ($asked as $query) {
            $taken = [];
            $found = null;
            for ($n = 0; $n < 20; $n++) {
                $start = hrtime(true);
                $search = ItemSearch::of(Request::create('/', 'GET', $query), $stall, $stall->home_market);
                $found = $find($stall, $search);
                SearchView::of($stall, $search, $found, $connections);
                ItemRows::of($stall, $search, $found->ids);
                $taken[] = (hrtime(true) - $start) / 1e6;
            }
            sort($taken);
            array_push($all, ...$taken);
            $this->line(
                sprintf(
                    '  %-62s %8s %8.1f %8.1f',
                    $query === [] ? 'everything' : mb_strimwidth((string) json_encode($query), 0, 62, '…'),
                    number_format($found->counts->found),
                    $taken[10],
                    $taken[18],
                ),
            );
        }
        sort($all);
        $this->line(
            sprintf(
                '  %-62s %8s %8.1f %8.1f',
                'all of them',
                '',
                $all[intdiv(count($all), 2)],
                $all[(int) floor(0.95 * (count($all) - 1))],
            ),
        );
    }

    /** The bench with all of it lying there: what is nearly ready is found by looking at every variant. */
    private function lying(Stall $stall): void
    {
        $this->line('');
        $this->line('The bench with every listing on it, next to counting their variants that are on; milliseconds');
        $this->line(sprintf('  %-52s %10s %10s %8s', '', 'page', 'count', 'ratio'));
        $asked = ['all of it' => '', 'by a word of the title' => 'trowel', 'by a SKU' => 'OD-2040'];
        foreach ($asked as $name => $words) {
            $pages = $counts = $ratios = [];
            for ($n = 0; $n < 11; $n++) {
                $page = $this->seconds(
                    static fn () => (new WhatLies($stall, $words))->page(ListingState::OnBench, 1),
                );
                $count = $this->seconds(static fn () => DB::scalar(self::COUNT, [$stall->id]));
                // The first round warms up.
                if ($n > 0) {
                    [$pages[], $counts[], $ratios[]] = [$page * 1000, $count * 1000, $page / $count];
                }
            }
            $this->line(sprintf(
                '  %-52s %10.1f %10.1f %8.2f',
                $name,
                self::middle($pages),
                self::middle($counts),
                self::middle($ratios),
            ));
        }
    }

    /** Every one of the variants put on the bench, priced, searched on the board and tried otherwise. */
    private function price(Stall $stall): void
    {
        DB::statement(self::LIST_ALL, [$stall->id]);
        DB::statement(self::LIST_VARIANTS, [$stall->id]);
        $this->vacuum('VACUUM ANALYZE listings, listing_variants, supplier_variants');
        $price = app(PriceListings::class);
        $home = [$stall->home_market];
        $first = $this->seconds(fn () => $price($stall->unsetRelations(), markets: $home));
        $this->vacuum('VACUUM ANALYZE prices');
        $count = (int) DB::table('prices')
            ->where('stall_id', $stall->id)
            ->where('market', $stall->home_market)
            ->count();
        [$updates, $prices, $ratios] = [[], [], []];
        for ($n = 0; $n < 5; $n++) {
            $updates[] = $this->seconds(
                fn () => DB::update(self::MOVE_PRICES, [$stall->id, $stall->home_market]),
            );
            $this->vacuum('VACUUM prices');
            // Every price moves, so that every row is written.
            $stall
                ->recipes()
                ->orderByDesc('position')
                ->firstOrFail()
                ->update([
                    'recipe' => Recipes::check(
                        ['steps' => [['factor' => '2.'.(3 + $n)]], 'ending' => ['part' => '0.'.(4 + $n).'5']],
                        $stall->currencyValue(),
                    ),
                ]);
            $prices[] = $this->seconds(fn () => $price($stall->unsetRelations(), markets: $home));
            $this->vacuum('VACUUM prices');
            $ratios[] = $prices[$n] / $updates[$n];
        }
        sort($updates);
        sort($prices);
        sort($ratios);
        $this->line('');
        $this->line(
            sprintf(
                '%s variants priced and written, next to one UPDATE of the same rows in the same run (%.2f s; the middle of five pairs)',
                number_format($count),
                $updates[2],
            ),
        );
        $this->line(
            sprintf(
                '  %-52s %8.2f s %8.1f × UPDATE',
                'every price moves: read, decided, written',
                $prices[2],
                $ratios[2],
            ),
        );
        $this->line(sprintf('  %-52s %8.2f s', 'the first time, rows made', $first));
        $this->line(
            sprintf(
                '  %-52s %8.2f s',
                'nothing moves',
                $this->seconds(fn () => $price($stall->unsetRelations(), markets: $home)),
            ),
        );
        $try = app(TryPricing::class);
        $tried = [];
        for ($n = 0; $n < 3; $n++) {
            $tried[] = $this->seconds(
                fn () => $try($stall->unsetRelations(), [
                    'stall' => ['advertising_minor' => 50 + $n],
                    'costs' => [(int) SupplierConnection::of($stall)->value('id') => 1000],
                ]),
            );
        }
        sort($tried);
        $this->line(sprintf('  %-52s %8.2f s', 'a trial over all of them', $tried[1]));
        $this->board($stall);
    }

    private function board(Stall $stall): void
    {
        $all = [];
        $this->line('');
        $this->line('A page of the price board among them; milliseconds');
        foreach (
            [
                [],
                ['sort' => 'margin'],
                ['sort' => '-keep', 'page' => '40'],
                ['case' => 'parcel', 'sort' => '-delivery'],
                ['case' => 'under'],
                ['q' => 'trowel', 'sort' => 'price'],
                ['q' => 'OD-2040'],
            ] as $query
        ) {
            $taken = [];
            for ($n = 0; $n < 20; $n++) {
                $start = hrtime(true);
                BoardView::of(
                    $stall->loadMissing('recipes'),
                    BoardQuery::of(Request::create('/', 'GET', $query), $stall),
                );
                $taken[] = (hrtime(true) - $start) / 1e6;
            }
            sort($taken);
            array_push($all, ...$taken);
            $this->line(
                sprintf(
                    '  %-62s %8s %8.1f %8.1f',
                    $query === [] ? 'everything' : (string) json_encode($query),
                    '',
                    $taken[10],
                    $taken[18],
                ),
            );
        }
        sort($all);
        $this->line(
            sprintf(
                '  %-62s %8s %8.1f %8.1f',
                'all of them',
                '',
                $all[intdiv(count($all), 2)],
                $all[(int) floor(0.95 * (count($all) - 1))],
            ),
        );
    }

    private function mapping(): Mapping
    {
        return new Mapping(
            array_map(
                static fn (string $name, FeedField $field): MappedColumn => new MappedColumn($name, $field),
                array_keys(self::COLUMNS),
                array_values(self::COLUMNS),
            ),
            DecimalSign::Point,
            true,
            'EUR',
            'NL',
        );
    }

    /** A pottery's table with so many rows, five to an item. */
    private function goods(int $rows): string
    {
        $file = tempnam(sys_get_temp_dir(), 'bench') ?: throw new \RuntimeException('No room for a file.');
        $out = fopen($file, 'w') ?: throw new \RuntimeException('No room for a file.');
        fwrite($out, implode(';', array_keys(self::COLUMNS))."\n");
        for ($n = 0; $n < $rows; $n++) {
            $item = intdiv($n, 5);
            fwrite(
                $out,
                sprintf(
                    'R-%d;S-%d;%013d;Hand-thrown flower pot %d;%s;%d cm;Thrown at the wheel and wood-fired, '.
                        "frost-proof to minus fifteen degrees.;Pots %d;%d.%02d;%d.00;%d;%d.%d\n",
                    $item,
                    $n,
                    $n,
                    $item,
                    ['Terracotta', 'Chalk', 'Slate', 'Moss', 'Ink'][$n % 5],
                    12 + ($n % 4) * 6,
                    $item % 12,
                    4 + ($n % 40),
                    $n % 100,
                    12 + ($n % 90),
                    $n % 300,
                    1 + ($n % 8),
                    $n % 10,
                ),
            );
        }
        fclose($out);

        return $file;
    }

    private function seconds(callable $do): float
    {
        $start = hrtime(true);
        $do();

        return (hrtime(true) - $start) / 1e9;
    }
}
