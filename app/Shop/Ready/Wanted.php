<?php

declare(strict_types=1);

namespace WindowStall\Shop\Ready;

use FilesystemIterator;
use Illuminate\Support\Facades\Process;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use WindowStall\Stall\Stall;

/**
 * The pages of a shop that were ready and went stale, to be made again before a shopper asks: first those that were thrown
 * away singly, then what lay in former generations.
 */
final class Wanted
{
    /** In a shop's folder: the paths of pages that were thrown away, a line each. */
    public const FILE = 'wanted';

    /** Begins the names of generations that were begun again. */
    public const FORMER = 'former-';

    /** How often a page is asked for that isn't kept. */
    private const TIMES = 3;

    /** @var array<string, int> path → how often it was asked for in vain */
    private array $asked = [];

    /** @var array<string, true> path → true */
    private array $single = [];

    /** @var array<string, true> */
    private array $former = [];

    private readonly string $folder;

    public function __construct(public readonly Stall $stall)
    {
        $this->folder = storage_path('pages/'.$stall->handle.'.'.config('stall.shops_host'));
    }

    /** Takes up what went stale since. */
    public function collect(): void
    {
        $mine = $this->folder.'/'.self::FILE.'-'.bin2hex(random_bytes(4));
        if (@rename($this->folder.'/'.self::FILE, $mine)) {
            $lines = @file($mine, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
            $this->single += array_fill_keys(array_filter($lines, self::known(...)), true);
            @unlink($mine);
        }
        $current = (int) @readlink($this->folder.'/current');
        foreach (glob($this->folder.'/*', GLOB_ONLYDIR) ?: [] as $former) {
            $name = basename($former);
            if (str_starts_with($name, self::FORMER) || (ctype_digit($name) && (int) $name < $current)) {
                $this->clear($former);
            }
        }
    }

    public function hasSingle(): bool
    {
        return $this->single !== [];
    }

    public function isEmpty(): bool
    {
        return $this->single === [] && $this->former === [];
    }

    /** @return string|null the path of the next page, which isn't wanted any more then */
    public function next(): ?string
    {
        $path = array_key_first($this->single) ?? array_key_first($this->former);
        unset($this->single[$path ?? ''], $this->former[$path ?? '']);

        return $path;
    }

    /** Wants a page again that something made stale while it was made: at the end, and not for ever. */
    public function again(string $path): void
    {
        $file = PagePath::of($path)?->file() ?? '';
        $this->asked[$path] = ($this->asked[$path] ?? 0) + 1;
        if ($this->asked[$path] >= self::TIMES || is_file($this->folder.'/current'.$file)) {
            unset($this->asked[$path]);
        } else {
            $this->former[$path] = true;
        }
    }

    private function clear(string $former): void
    {
        $away = dirname($former).'/.away-'.bin2hex(random_bytes(4));
        if (! @rename($former, $away)) {
            return;
        }
        $pages = new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator($away, FilesystemIterator::SKIP_DOTS),
        );
        foreach ($pages as $page) {
            if ($page instanceof SplFileInfo && $page->getExtension() === 'html') {
                $path = substr($page->getPathname(), strlen($away), -strlen('.html'));
                $this->former[$path === '/index' ? '/' : $path] = true;
            }
        }
        // A hundred thousand files take their time; nobody waits for that.
        Process::timeout(600)->run(['sh', '-c', 'exec setsid rm -rf -- "$0" >/dev/null 2>&1 &', $away]);
    }

    private static function known(string $path): bool
    {
        return PagePath::of($path) !== null;
    }
}
