<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\FillShelves;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\Views\ShelfView;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/** Measures shelves with 20,000 listings in the window, and their pages in the shop with 5,000; after bench:large. */
final class RunShelfBench extends Command
{
    protected $signature = 'bench:shelves';

    protected $description = 'Print figures of shelves and their pages';

    private const SHELVES = 50;

    private const MOVED = 10_000;

    private const IN_SHOP = 5_000;

    private const FILE = <<<'SQL'
        UPDATE listings
        SET state = 'in_window',
            shown_since = now() - make_interval(days => (id % 300)::int),
            own_type = (ARRAY['Hand tools', 'Pots and bags', 'Watering', 'Under glass', 'Tying', 'Clothing'])[1 + id % 6],
            own_tags = jsonb_build_array('tag ' || id % 40, 'tag ' || id % 7)
        WHERE stall_id = ?
          AND deleted_at IS NULL
        SQL;

    private const OUT = <<<'SQL'
        UPDATE listings
        SET state = 'on_bench'
        WHERE stall_id = ?
          AND id NOT IN (SELECT listing_id FROM goods_facts WHERE stall_id = ? ORDER BY listing_id LIMIT ?)
        SQL;

    private const COUNT = <<<'SQL'
        SELECT count(*)
        FROM goods_facts
        WHERE stall_id = ?
          AND buyable
          AND price_minor > 100
        SQL;

    private const MOVE = <<<'SQL'
        UPDATE supplier_variants
        SET stock = (stock + 7) % 11
        WHERE id IN (
            SELECT supplier_variant_id
            FROM listing_variants
            WHERE listing_id = ANY (?::bigint[])
        )
        SQL;

    public function handle(ChangeShelf $change, FillShelves $fill, GoodsFacts $facts): int
    {
        $stall = Stall::query()->where('handle', 'quillet')->firstOrFail();
        OneStall::within($stall->id, function () use ($stall, $change, $fill, $facts): void {
            DB::update(self::FILE, [$stall->id]);
            $all = $this->seconds(fn () => $facts($stall, null));
            DB::connection('owner')->statement('VACUUM ANALYZE goods_facts, listings');
            $this->line(sprintf(
                'Shelves with %s listings in the window, next to one COUNT over the same rows in the same run',
                number_format(DB::table('goods_facts')->where('stall_id', $stall->id)->count()),
            ));
            $this->line(sprintf('  %-52s %8.2f s', 'all that rules look at made anew, whatever differs', $all));
            $shelf = $this->shelves($stall, $change);
            DB::connection('owner')->statement('VACUUM ANALYZE shelf_goods');
            $this->preview($stall, $shelf, $change, $fill);
            $this->follow($stall, $fill);
            $this->shop($stall, $fill);
        });

        return self::SUCCESS;
    }

    private function shelves(Stall $stall, ChangeShelf $change): Shelf
    {
        for ($n = 1; $n < self::SHELVES; $n++) {
            $rule = ['join' => 'all', 'parts' => [
                ['field' => 'tag', 'names' => ['tag '.$n % 40]],
                ['field' => 'price', 'from' => (string) ($n % 9), 'to' => '80'],
                ['join' => 'any', 'clauses' => [['field' => 'buyable'], ['field' => 'new', 'to' => '30']]],
            ]];
            $change->make($stall, 'Shelf '.$n, $rule);
        }

        return $change->make($stall, 'Bench', ['join' => 'all', 'parts' => []]);
    }

    /** What a change of the sentence takes until it is answered with the goods that fit. */
    private function preview(Stall $stall, Shelf $shelf, ChangeShelf $change, FillShelves $fill): void
    {
        $rule = static fn (int $n): array => ['join' => 'all', 'parts' => [
            ['field' => 'tag', 'names' => ['tag '.$n % 7]],
            ['field' => 'days', 'to' => '20'],
            ['field' => 'buyable'],
            ['join' => 'any', 'clauses' => [
                ['field' => 'price', 'from' => (string) $n],
                ['field' => 'type', 'names' => ['Watering', 'Under glass']],
            ]],
        ]];
        $this->beside($stall, 'a rule changed: saved, and answered with what fits', 31, fn (int $n) => ShelfView::of(
            $stall,
            $change->say($stall, $shelf, ['rule' => $rule($n)], later: true),
        ));
        $this->beside($stall, 'its goods put there after that', 11, fn () => $fill->all($stall, $shelf), (
            fn (int $n) => $change->say($stall, $shelf, ['rule' => $rule($n)], later: true)
        ));
    }

    private function follow(Stall $stall, FillShelves $fill): void
    {
        $ids = Listing::of($stall)->orderBy('id')->limit(self::MOVED)->pluck('id')->map(intval(...))->all();
        $one = fn (int $n) => event(new ListingsChanged($stall, [$ids[$n]]));
        $this->beside($stall, sprintf('one listing changed, on its way to %d shelves', self::SHELVES), 31, $one);
        $this->beside($stall, sprintf('a pull moved %s, on %d shelves', number_format(self::MOVED), self::SHELVES), 5, (
            function () use ($stall, $ids): void {
                event(new ListingsChanged($stall, array_values($ids)));
            }
        ), function () use ($ids): void {
            DB::update(self::MOVE, ['{'.implode(',', $ids).'}']);
        });
        $this->beside($stall, 'every rule over all goods anew, nothing moves', 5, fn () => $fill->all($stall));
    }

    private function shop(Stall $stall, FillShelves $fill): void
    {
        DB::update(self::OUT, [$stall->id, $stall->id, self::IN_SHOP]);
        event(new ListingsChanged($stall, null));
        DB::connection('owner')->statement('VACUUM ANALYZE goods_facts, shelf_goods, listings');
        StalePages::frame($stall);
        $pages = [
            'a shelf narrowed by three facets' => '/shelves/shelf-7?type[]=Watering&from=2&now=1',
            'everything, narrowed by three facets' => '/goods?type[]=Watering&type[]=Tying&within=14&now=1',
            'a search' => '/search?q=garden+trowel',
            'a search with a word mistyped' => '/search?q=trowle',
            'suggestions while one types' => '/search/suggest?q=tro',
            'a shelf as it stands, ready' => '/shelves/shelf-7',
        ];
        $this->line('');
        $this->line(sprintf(
            'In the shop with %s listings, over HTTP on loopback; milliseconds',
            number_format(DB::table('goods_facts')->where('stall_id', $stall->id)->count()),
        ));
        $this->line(sprintf('  %-52s %10s %10s', '', 'median', 'p95'));
        foreach ($pages as $name => $path) {
            $taken = [];
            for ($n = 0; $n < 42; $n++) {
                $seconds = $this->seconds(fn () => Http::timeout(20)->get($stall->shopAddress($path))->throw());
                // The first ones warm up.
                $n > 1 && ($taken[] = $seconds * 1000);
            }
            sort($taken);
            $this->line(sprintf('  %-52s %10.1f %10.1f', $name, $taken[20], $taken[38]));
        }
    }

    /**
     * @param  callable(int): mixed  $do
     * @param  (callable(int): mixed)|null  $before  what isn't measured
     */
    private function beside(Stall $stall, string $name, int $times, callable $do, ?callable $before = null): void
    {
        $taken = $ratios = [];
        for ($n = 0; $n <= $times; $n++) {
            $before === null || $before($n);
            $mine = $this->seconds(static fn () => $do($n));
            $count = $this->seconds(static fn () => DB::scalar(self::COUNT, [$stall->id]));
            // The first round warms up.
            if ($n > 0) {
                [$taken[], $ratios[]] = [$mine * 1000, $mine / $count];
            }
        }
        sort($taken);
        sort($ratios);
        $this->line(sprintf(
            '  %-52s %8.1f ms, p95 %.1f, %.1f × COUNT',
            $name,
            $taken[intdiv($times, 2)],
            $taken[(int) floor(0.95 * ($times - 1))],
            $ratios[intdiv($times, 2)],
        ));
    }

    /** @param  callable(): mixed  $do */
    private function seconds(callable $do): float
    {
        $start = hrtime(true);
        $do();

        return (hrtime(true) - $start) / 1e9;
    }
}
