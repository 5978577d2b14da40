<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Http;
use RuntimeException;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Listing;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Shelves\ChangeShelf;
use WindowStall\Shelves\GoodsFacts;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** Measures how ready pages follow changes, with 20,000 goods in the window and a page of each ready; after bench:shelves. */
final class RunPagesBench extends Command
{
    protected $signature = 'bench:pages';

    protected $description = 'Print how soon ready pages follow a change';

    /** Seconds. */
    private const PATIENCE = 30;

    private const TIMES = 21;

    private const FILE = <<<'SQL'
        UPDATE listings
        SET state = 'in_window', shown_since = COALESCE(shown_since, now())
        WHERE stall_id = ?
          AND deleted_at IS NULL
        SQL;

    private string $folder;

    public function handle(GoodsFacts $facts, PatchListings $patch, DressWindow $dress, ChangeShelf $change): int
    {
        $stall = Stall::query()->where('handle', 'quillet')->firstOrFail();
        $this->folder = storage_path('pages/'.$stall->handle.'.'.config('stall.shops_host'));
        OneStall::within($stall->id, function () use ($stall, $facts, $patch, $dress, $change): void {
            DB::update(self::FILE, [$stall->id]);
            $facts($stall, null);
            DB::connection('owner')->statement('VACUUM ANALYZE goods_facts, listings');
            // What was written past the program is told, before anything is measured.
            StalePages::frame($stall);
            $slugs = Listing::of($stall)->orderBy('id')->pluck('slug', 'id')->map(strval(...))->all();
            $this->fill($stall, $slugs);
            $this->line(sprintf('Ready pages of %s goods; milliseconds, median and the longest', number_format(count($slugs))));
            $this->price($stall, $slugs, $patch);
            $this->order($stall, $slugs, $change);
            $this->look($stall, $dress);
        });

        return self::SUCCESS;
    }

    /**
     * A page of each, all of them copies of one: how long a page takes is measured elsewhere.
     *
     * @param  array<int, string>  $slugs
     */
    private function fill(Stall $stall, array $slugs): void
    {
        $url = $stall->shopAddress('/goods/'.reset($slugs));
        Http::timeout(20)->get($url)->throw();
        PageFolder::of($stall)->follow(ShopState::of($stall));
        $html = Http::timeout(20)->get($url)->throw()->body();
        $packed = (string) gzencode($html);
        foreach ($slugs as $slug) {
            File::put($this->page($slug).'.gz', $packed);
            File::put($this->page($slug), $html);
        }
    }

    /** @param  array<int, string>  $slugs */
    private function price(Stall $stall, array $slugs, PatchListings $patch): void
    {
        $said = $gone = $served = [];
        $ids = array_slice(array_keys($slugs), 100, self::TIMES);
        foreach ($ids as $id) {
            $title = 'Measured '.bin2hex(random_bytes(4));
            $page = $this->page($slugs[$id]);
            $began = hrtime(true);
            $patch->many($stall, null, [$id], static fn (): array => [
                $id => ListingPatch::none()->title($title),
            ], static fn (): string => 'measured');
            $said[] = $this->since($began);
            $this->until(static fn (): bool => str_contains((string) @file_get_contents($page), $title));
            $gone[] = $this->since($began);
            $html = Http::timeout(20)->get($stall->shopAddress('/goods/'.$slugs[$id]))->throw()->body();
            $served[] = $this->since($began);
            str_contains($html, $title) || throw new RuntimeException('The page served is not the new one.');
        }
        $left = count(glob($this->folder.'/current/goods/*.html') ?: []);
        $this->timed('one of the goods changed: said, and its page thrown away', $said);
        $this->timed('its page made again, unasked', $gone);
        $this->timed('and served', $served);
        $this->line(sprintf('  %-60s %10s', 'pages of goods that lie ready meanwhile', number_format($left)));
    }

    /** @param  array<int, string>  $slugs */
    private function order(Stall $stall, array $slugs, ChangeShelf $change): void
    {
        $within = $whole = [];
        foreach (array_slice(array_keys($slugs), 200, self::TIMES) as $n => $id) {
            $patch = ListingPatch::none()->tags(['measured '.$n.' '.$id]);
            app(PatchListings::class)->many($stall, null, [$id], static fn (): array => [$id => $patch], static fn (): string => 'm');
            $change->make($stall, 'Measured '.$n, ['join' => 'all', 'parts' => [
                ['field' => 'tag', 'names' => ['measured '.$n.' '.$id]],
                ['field' => 'buyable'],
            ]]);
            $began = hrtime(true);
            DB::transaction(function () use ($stall, $id, &$within): void {
                DB::update('UPDATE supplier_variants SET promised = stock WHERE id IN (
                    SELECT selling_id FROM listing_variants WHERE listing_id = ?)', [$id]);
                $told = hrtime(true);
                event(new ListingsChanged($stall, [$id]));
                $within[] = $this->since($told);
            });
            $whole[] = $this->since($began);
        }
        $this->timed('an order that empties a shelf: what it notes within', $within);
        $this->timed('with all that follows its commit', $whole);
    }

    private function look(Stall $stall, DressWindow $dress): void
    {
        $window = Window::query()->findOrFail($stall->id);
        $content = $window->workingContent()->toArray();
        $content['look']['wordmark'] = 'Measured';
        $dress->save($stall, Content::from($content), $window->version);
        $began = hrtime(true);
        $dress->publish($stall, null);
        $said = $this->since($began);
        Http::timeout(20)->get($stall->shopAddress('/'))->throw();
        $this->line(sprintf('  %-60s %10.0f', 'a look published, every page of the former one gone', $said));
        $this->line(sprintf('  %-60s %10.0f', 'and the front page served in the new one', $this->since($began)));
        sleep(5);
        $before = $this->ready();
        sleep(20);
        $this->line(sprintf('  %-60s %10.1f', 'pages made again a second, unasked', ($this->ready() - $before) / 20));
    }

    private function ready(): int
    {
        return count(glob($this->folder.'/current/goods/*.html') ?: []);
    }

    private function page(string $slug): string
    {
        return $this->folder.'/current/goods/'.$slug.'.html';
    }

    private function since(int|float $began): float
    {
        return (hrtime(true) - $began) / 1e6;
    }

    /** @param  callable(): bool  $that */
    private function until(callable $that): void
    {
        $end = microtime(true) + self::PATIENCE;
        while (! $that()) {
            microtime(true) < $end || throw new RuntimeException('It was waited for in vain.');
            usleep(1_000);
        }
    }

    /** @param  list<float>  $taken */
    private function timed(string $name, array $taken): void
    {
        sort($taken);
        $this->line(sprintf('  %-60s %10.0f %10.0f', $name, $taken[intdiv(count($taken), 2)], end($taken)));
    }
}
