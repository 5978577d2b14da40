<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use Closure;
use ErrorException;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\StalePages;
use WindowStall\Stall\Stall;

/**
 * One shop's ready pages as files under storage/pages/HOST/GENERATION/, served by the web server without PHP; "current"
 * is a link to the generation that counts.
 *
 * The folder is this machine's own, or one that several machines share: each follows what went stale ({@see PageTurns})
 * up to the revision that stands in "at", and finds it done where another did it. Whoever writes or throws away has
 * the folder's lock, which ends with the process. Only a cache: any of it can be thrown away.
 */
final readonly class PageFolder
{
    /** Beside the pages: for each of the goods, the pages that show it. */
    private const SHOWN = '/.shown/';

    /** Pages are made by one at a time each; so many locks are shared by all pages of a shop. */
    private const MAKERS = 32;

    /** Seconds somebody waits for whoever makes the same page. */
    private const PATIENCE = 2.0;

    private string $folder;

    public function __construct(private Stall $stall, private PageTurns $turns)
    {
        $this->folder = storage_path('pages/'.$stall->handle.'.'.config('stall.shops_host'));
    }

    public static function of(Stall $stall): self
    {
        return new self($stall, app(PageTurns::class));
    }

    /** Throws away what went stale since this folder was last looked after. */
    public function follow(ShopState $state): void
    {
        if ($this->at() >= $state->revision) {
            return;
        }
        File::ensureDirectoryExists($this->folder);
        $this->alone(function (): void {
            $at = $this->at();
            $turns = $this->turns->since($this->stall, $at);
            $state = ShopState::of($this->stall);
            $to = max([$state->revision, ...array_column($turns, 'revision')]);
            if ($at >= $to) {
                return;
            }
            $keys = array_merge(...array_column($turns, 'keys'));
            // Where a revision is missing, what that one changed isn't known here any more.
            $all = count($turns) !== $to - $at || in_array(StalePages::FRAME, $keys, true);
            $all ? $this->begin(max([$state->generation, ...array_column($turns, 'generation')])) : $this->remove($keys);
            $this->put('/at', (string) $to);
        });
    }

    /** Begins an empty generation; nobody sees half of it. What lay in the former ones is made anew in the background. */
    private function begin(int $generation): void
    {
        $link = $this->folder.'/next-'.bin2hex(random_bytes(4));
        try {
            // Where this folder lost track within a generation, it begins that one again.
            @rename($this->folder.'/'.$generation, $this->folder.'/'.Wanted::FORMER.bin2hex(random_bytes(4)));
            File::ensureDirectoryExists($this->folder.'/'.$generation);
            symlink((string) $generation, $link);
            rename($link, $this->folder.'/current');
        } catch (ErrorException $e) {
            // No room, say. Without a current generation the web server asks the program for every page.
            @unlink($this->folder.'/current');

            throw $e;
        }
    }

    /** @param  list<string>  $keys */
    private function remove(array $keys): void
    {
        $gone = [];
        foreach ($keys as $key) {
            $gone = [...$gone, ...($key === StalePages::LISTS ? $this->lists() : $this->showing($key))];
        }
        $removed = array_filter(array_unique($gone), $this->unlink(...));
        if ($removed !== []) {
            rescue(fn () => File::append($this->folder.'/'.Wanted::FILE, implode("\n", $removed)."\n"));
        }
    }

    /** @return list<string> paths of the pages that show several goods */
    private function lists(): array
    {
        $paths = ['/'];
        foreach ($this->markets() as $prefix) {
            array_push($paths, ...($prefix === '' ? [] : [$prefix]), ...[$prefix.'/goods', $prefix.'/shelves']);
            foreach (['shelves', 'pages'] as $kind) {
                foreach (glob($this->folder.'/current'.$prefix.'/'.$kind.'/*.html') ?: [] as $file) {
                    $paths[] = $prefix.'/'.$kind.'/'.basename($file, '.html');
                }
            }
        }

        return $paths;
    }

    /** @return list<string> what addresses of each market that has pages here begin with; "" for the home market */
    private function markets(): array
    {
        $pages = glob($this->folder.'/current/[a-z][a-z]{,-[a-z][a-z]}{,.html}', GLOB_BRACE) ?: [];

        return ['', ...array_unique(array_map(static fn (string $page): string => '/'.basename($page, '.html'), $pages))];
    }

    /** @return list<string> paths of the page of some goods, and of those that show them */
    private function showing(string $key): array
    {
        $slug = substr($key, strlen(StalePages::GOODS));
        $shown = @file($this->folder.'/current'.self::SHOWN.$slug, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
        @unlink($this->folder.'/current'.self::SHOWN.$slug);

        return [...array_map(static fn (string $prefix): string => $prefix.'/goods/'.$slug, $this->markets()), ...$shown];
    }

    /** @return bool whether it was there */
    private function unlink(string $path): bool
    {
        $file = $this->folder.'/current'.(PagePath::of($path)?->file() ?? '/none');
        // The plain one last: as long as it is there, so may be the others.
        foreach (['.br', '.gz'] as $packed) {
            @unlink($file.$packed);
        }

        return @unlink($file);
    }

    /**
     * Keeps a page, unless something it depends on changed while it was made.
     *
     * @param  ShopState  $since  the shop's, before anything was read for the page
     */
    public function write(ShopState $since, PagePath $path, ReadyPage $page): void
    {
        $file = $this->folder.'/'.$since->generation.$path->file();
        // Compressed first: whoever finds the page finds both.
        $packed = (string) gzencode($page->html, 9);
        try {
            $this->alone(function () use ($since, $path, $page, $file, $packed): void {
                $begun = is_dir($this->folder.'/'.$since->generation);
                if (! $begun || $this->turns->isStale($this->stall, $since->revision, $path->keys($page->shows))) {
                    return;
                }
                File::ensureDirectoryExists(dirname($file));
                foreach ($page->shows as $slug) {
                    $shown = $this->folder.'/'.$since->generation.self::SHOWN.$slug;
                    File::ensureDirectoryExists(dirname($shown));
                    File::append($shown, $path->path."\n");
                }
                @unlink($file.'.br');
                $within = '/'.$since->generation.$path->file();
                $this->put($within.'.gz', $packed);
                $this->put($within, $page->html);
            });
        } catch (ErrorException $e) {
            // The disk is full, say. The shopper is answered all the same; the page is kept when it can be.
            report($e);

            return;
        }
        // Smaller still, once the shopper has been answered.
        defer(fn () => $this->brotli($since->generation, $path, $page->html));
    }

    private function brotli(int $generation, PagePath $path, string $html): void
    {
        $file = '/'.$generation.$path->file();
        if (! is_file($this->folder.$file)) {
            return;
        }
        $made = Process::timeout(10)->input($html)->run(['brotli', '--quality=11', '--stdout', '-']);
        $this->alone(function () use ($file, $html, $made): void {
            // It may have been thrown away, or made anew, meanwhile.
            if ($made->successful() && @file_get_contents($this->folder.$file) === $html) {
                rescue(fn () => $this->put($file.'.br', $made->output()), report: false);
            }
        });
    }

    /**
     * Makes a page, or takes the one that somebody else was making meanwhile.
     *
     * @param  Closure(): string  $make
     */
    public function makeOnce(PagePath $path, Closure $make): string
    {
        $maker = @fopen($this->folder.'/making-'.crc32($path->path) % self::MAKERS, 'c');
        if ($maker === false) {
            return $make();
        }
        if (flock($maker, LOCK_EX | LOCK_NB)) {
            return $make();
        }
        $end = microtime(true) + self::PATIENCE;
        while (! flock($maker, LOCK_EX | LOCK_NB)) {
            if (microtime(true) > $end) {
                return $make();
            }
            usleep(5_000);
        }
        $ready = @file_get_contents($this->folder.'/current'.$path->file());

        return is_string($ready) ? $ready : $make();
    }

    /** @param  callable(): void  $do */
    private function alone(callable $do): void
    {
        $lock = fopen($this->folder.'/lock', 'c');
        if ($lock === false || ! flock($lock, LOCK_EX)) {
            throw new ErrorException('The folder of ready pages can’t be locked.');
        }
        try {
            $do();
        } finally {
            fclose($lock);
        }
    }

    /** Whole or not at all. */
    private function put(string $file, string $bytes): void
    {
        $half = $this->folder.$file.'.'.bin2hex(random_bytes(4));
        try {
            File::put($half, $bytes);
            rename($half, $this->folder.$file);
        } catch (ErrorException $e) {
            File::delete($half);

            throw $e;
        }
    }

    private function at(): int
    {
        return (int) @file_get_contents($this->folder.'/at');
    }
}
