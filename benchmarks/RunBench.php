<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Process;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Shop\ShopRenderer;
use WindowStall\Source\Finding\FindItems;
use WindowStall\Source\Finding\ItemSearch;
use WindowStall\Stall\Door;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Content;
use WindowStall\Window\DressWindow;
use WindowStall\Window\Window;

/** Measures the running instance against plain yardsticks taken in the same run; bin/bench sets it up and calls it. */
final class RunBench extends Command
{
    /** Shop and file are loaded one after the other so many times; the middle pair counts. */
    private const PAIRS = 5;

    /** Sections of the homepage that is published. */
    private const SECTIONS = 20;

    protected $signature = 'bench:run {--seconds=5 : how long each load lasts}';

    protected $description = 'Print figures as ratios';

    public function handle(FindItems $find): int
    {
        $stall = Door::enter('quillet') ?? throw new Refusal('There is no demo stall to measure.');
        $stall->load('rates');
        $listing = Listing::of($stall)->where('state', ListingState::InWindow)->orderBy('id')->firstOrFail();
        $this->line('Shop pages served warm, next to nginx serving the same HTML as a plain file in the same run');
        $this->line(
            sprintf('  %-14s %12s %10s %12s %10s %8s', '', 'shop req/s', 'p95 ms', 'file req/s', 'p95 ms', 'ratio'),
        );
        $pages = ['home' => '/', 'product page' => '/goods/'.$listing->slug, 'in Ireland' => '/ie/goods/'.$listing->slug];
        foreach ($pages as $name => $path) {
            $this->page($stall, $name, $path);
        }
        $this->line('');
        $this->line('At the server, milliseconds, median and 95th percentile');
        $this->timed('till strip, a typed price', 300, fn () => $this->till($stall, $listing));
        $this->timed(
            'listing page, figures of one listing',
            60,
            fn () => ListingFigures::of($stall, Listing::query()->with(Listing::FOR_FIGURES)->findOrFail($listing->id)),
        );
        $this->timed(
            'source, a search',
            100,
            fn () => $find(
                $stall,
                ItemSearch::of(Request::create('/', 'GET', ['q' => 'garden tool']), $stall, $stall->home_market),
            ),
        );
        $this->timed(
            'shop home, made afresh',
            30,
            fn () => app(ShopRenderer::class)->home(
                $stall,
                Window::query()->with('published')->findOrFail($stall->id)->workingContent(),
            ),
        );
        $this->publishing($stall);
        $this->line('');
        $rings = $this->timed('core, 10,000 sales rung up', 7, fn () => $this->rings($stall));
        $this->line(sprintf('  so one sale costs %.1f µs', ($rings * 1000) / 10_000));

        return self::SUCCESS;
    }

    private function page(Stall $stall, string $name, string $path): void
    {
        $url = $stall->shopAddress($path);
        $html = Http::timeout(10)->get($url)->throw()->body();
        // The yardstick: the same bytes under the same server, as a static file that is nobody's page.
        file_put_contents(public_path('bench-page.html'), $html);
        $plain =
            config('stall.scheme').
            '://'.
            config('stall.workshop_host').
            config('stall.port_suffix').
            '/bench-page.html';
        try {
            $pairs = [];
            for ($n = 0; $n < self::PAIRS; $n++) {
                $pairs[] = [...$this->load($url), ...$this->load($plain)];
            }
        } finally {
            unlink(public_path('bench-page.html'));
        }
        usort($pairs, static fn (array $a, array $b): int => $a[0] / max(1, $a[2]) <=> $b[0] / max(1, $b[2]));
        [$shop, $shopP95, $file, $fileP95] = $pairs[intdiv(self::PAIRS, 2)];
        $this->line(
            sprintf(
                '  %-14s %12s %10.2f %12s %10.2f %8.2f',
                $name,
                number_format($shop),
                $shopP95,
                number_format($file),
                $fileP95,
                $shop / max(1, $file),
            ),
        );
    }

    /** @return array{float, float} requests per second, 95th percentile in ms */
    private function load(string $url): array
    {
        $script = storage_path('app/wrk.lua');
        file_put_contents(
            $script,
            'done = function(summary, latency) io.write(string.format("P95 %.3f\n", latency:percentile(95) / 1000)) end',
        );
        $host = (string) parse_url($url, PHP_URL_HOST).config('stall.port_suffix');
        $address = str_replace((string) parse_url($url, PHP_URL_HOST), '127.0.0.1', $url);
        $out = Process::timeout(60)
            ->run([
                'wrk',
                '-t1',
                '-c8',
                '-d'.((int) $this->option('seconds')).'s',
                '-s',
                $script,
                '-H',
                'Host: '.$host,
                $address,
            ])
            ->throw()
            ->output();
        if (str_contains($out, 'Non-2xx')) {
            throw new \RuntimeException('The load met errors: '.$out);
        }

        return [
            (float) (preg_match('/Requests\/sec:\s+([\d.]+)/', $out, $m) === 1 ? $m[1] : 0),
            (float) (preg_match('/P95 ([\d.]+)/', $out, $m) === 1 ? $m[1] : 0),
        ];
    }

    /**
     * A homepage of many sections is published and its page made anew, as the first shopper after that waits for it.
     */
    private function publishing(Stall $stall): void
    {
        $dress = app(DressWindow::class);
        $window = Window::query()->findOrFail($stall->id);
        $sections = array_map(
            static fn (int $n): array => [
                'id' => 'bench-'.$n,
                'kind' => $n % 2 === 0 ? 'goods' : 'words',
                'settings' => ['heading' => 'Section '.$n, 'words' => 'Words of section '.$n, 'count' => '8'],
            ],
            range(1, self::SECTIONS),
        );
        $dress->save(
            $stall,
            Content::from(['look' => $window->workingContent()->look->toArray(), 'sections' => $sections]),
            $window->version,
        );
        $this->timed('publishing a homepage of 20 sections', 20, function () use ($dress, $stall): void {
            $dress->publish($stall, null);
            app(ShopRenderer::class)->home(
                $stall,
                Window::query()->with('published')->findOrFail($stall->id)->workingContent(),
            );
        });
    }

    private function till(Stall $stall, Listing $listing): void
    {
        $variant = ListingVariant::query()->with('prices')->where('listing_id', $listing->id)->firstOrFail();
        ListingFigures::ring(
            $stall,
            $variant->priceIn($stall->home_market),
            Money::parse('18.95', $stall->currencyValue()),
        );
    }

    private function rings(Stall $stall): void
    {
        $terms = $stall->terms();
        $money = static fn (int $minor): Money => new Money($minor, Currency::of('GBP'));
        for ($n = 0; $n < 10_000; $n++) {
            Till::ring($money(1000 + $n), Landed::of($money(400 + ($n % 300)), $money(200)), $terms);
        }
    }

    /** @return float the median in ms */
    private function timed(string $name, int $times, callable $call): float
    {
        $call();
        $taken = [];
        for ($n = 0; $n < $times; $n++) {
            $start = hrtime(true);
            $call();
            $taken[] = (hrtime(true) - $start) / 1e6;
        }
        sort($taken);
        $median = $taken[intdiv($times, 2)];
        $this->line(sprintf('  %-40s %8.2f %8.2f', $name, $median, $taken[(int) floor(0.95 * ($times - 1))]));

        return $median;
    }
}
