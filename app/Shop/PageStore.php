<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use ErrorException;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

/**
 * Ready pages as files under storage/pages/HOST/REVISION/, served by the web server without PHP.
 *
 * "current" is a link to the revision that counts. A page is written into the folder of the revision it was made for,
 * so nothing stale can appear under a newer one. Only a cache: any of it can be thrown away.
 */
final class PageStore
{
    /** Beside a page: which other goods it shows. */
    private const SHOWS = '.shows';

    /**
     * @param  list<string>  $shows  other goods it shows, by the ends of their addresses: where one of them changes, the
     *     page isn't carried over
     */
    public function write(string $handle, int $revision, string $path, string $html, array $shows = []): void
    {
        $folder = $this->folder($handle).'/'.$revision;
        if (! is_dir($folder) || preg_match('#^/((goods|shelves|pages|policies)(/[a-z0-9-]+)?)?$#D', $path) !== 1) {
            return;
        }
        $file = $folder.($path === '/' ? '/index' : $path).'.html';
        try {
            File::ensureDirectoryExists(dirname($file));
            if ($shows !== []) {
                $this->put($file.self::SHOWS, implode("\n", $shows));
            }
            // Compressed beside the plain one, first: whoever finds the page finds both.
            $this->put($file.'.gz', (string) gzencode($html, 9));
            $this->put($file, $html);
        } catch (ErrorException $e) {
            // The disk is full, say. The shopper is answered all the same; the page is kept when it can be.
            report($e);

            return;
        }
        // Smaller still, once the shopper has been answered.
        defer(fn () => $this->brotli($file));
    }

    private function brotli(string $file): void
    {
        $made = Process::timeout(10)->run(['brotli', '--quality=11', '--stdout', $file]);
        // The revision may have been thrown away meanwhile.
        if ($made->successful() && is_file($file)) {
            rescue(fn () => $this->put($file.'.br', $made->output()), report: false);
        }
    }

    /** Whole or not at all. */
    private function put(string $file, string $bytes): void
    {
        $half = $file.'.'.bin2hex(random_bytes(4));
        try {
            File::put($half, $bytes);
            rename($half, $file);
        } catch (ErrorException $e) {
            File::delete($half);

            throw $e;
        }
    }

    /**
     * Makes a revision the current one in a single step and throws the former ones away.
     *
     * @param  list<string>|null  $only  goods whose pages alone changed, by the ends of their addresses: the pages of
     *     all others are carried over; null where any page may have changed
     */
    public function turnTo(string $handle, int $revision, ?array $only = null): void
    {
        $folder = $this->folder($handle);
        File::ensureDirectoryExists($folder.'/'.$revision);
        $current = @readlink($folder.'/current');
        if (is_string($current) && (int) $current >= $revision) {
            return;
        }
        // Where a revision lies between, what that one changed isn't known here.
        if ($only !== null && (int) $current === $revision - 1) {
            $this->carryOver($folder.'/'.$current.'/goods', $folder.'/'.$revision.'/goods', $only);
        }
        $link = $folder.'/next-'.bin2hex(random_bytes(4));
        symlink((string) $revision, $link);
        rename($link, $folder.'/current');
        foreach (File::directories($folder) as $old) {
            if (ctype_digit(basename($old)) && (int) basename($old) < $revision) {
                File::deleteDirectory($old);
            }
        }
    }

    /** @param  list<string>  $changed */
    private function carryOver(string $from, string $to, array $changed): void
    {
        if (! is_dir($from)) {
            return;
        }
        File::ensureDirectoryExists($to);
        $changed = array_fill_keys($changed, true);
        foreach (new \DirectoryIterator($from) as $page) {
            // Halves of pages that are being written have longer endings.
            $whole = preg_match('/^([a-z0-9-]+)\.html(\.gz|\.br|\.shows)?$/D', $page->getFilename(), $name) === 1;
            if ($whole && ! isset($changed[$name[1]]) && ! $this->shows($from.'/'.$name[1], $changed)) {
                @link($page->getPathname(), $to.'/'.$page->getFilename());
            }
        }
    }

    /**
     * Whether a page shows one of those goods besides its own.
     *
     * @param  array<string, true>  $changed
     */
    private function shows(string $page, array $changed): bool
    {
        $shown = @file_get_contents($page.'.html'.self::SHOWS);

        return is_string($shown) && array_intersect_key($changed, array_flip(explode("\n", $shown))) !== [];
    }

    public function current(string $handle, int $revision): bool
    {
        return @readlink($this->folder($handle).'/current') === (string) $revision;
    }

    private function folder(string $handle): string
    {
        return storage_path('pages/'.$handle.'.'.config('stall.shops_host'));
    }
}
