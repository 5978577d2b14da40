<?php

declare(strict_types=1);

namespace WindowStall\Shop\Console;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use PDOException;
use WeakReference;
use WindowStall\Shop\Ready\PageFolder;
use WindowStall\Shop\Ready\PageTurns;
use WindowStall\Shop\Ready\Wanted;
use WindowStall\Stall\Door;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\ShopState;
use WindowStall\Stall\Stall;
use WindowStall\Support\Outbound\OwnServer;

/**
 * Looks after one machine's ready pages: throws away what went stale as soon as the database tells of it (NOTIFY), turns
 * what somebody who was killed left waiting, and has pages made again that were ready before.
 *
 * Pages are asked of this machine's own web server, one at a time, and stalls take turns page by page; what was thrown away
 * singly goes first.
 */
final class KeepPages extends Command
{
    /** Seconds after which it is looked for what nothing was heard of. */
    private const LONGEST = 30;

    private const AT_ONCE = 1_000;

    /** Seconds one page may take. */
    private const PATIENCE = 20;

    protected $signature = 'shop:keep-pages
        {--max-time=3600 : seconds after which it ends, to be started again}
        {--at= : where this machine\'s own web server answers}';

    protected $description = 'Keep ready pages in step with the shops';

    /** @var array<int, Wanted> stall → its pages that are made again */
    private array $wanted = [];

    /** @var WeakReference<PDO>|null the line that listens */
    private ?WeakReference $listening = null;

    public function handle(PageTurns $turns): int
    {
        $end = microtime(true) + (int) $this->option('max-time');
        $looked = 0.0;
        while (microtime(true) < $end) {
            try {
                if ($this->listen() || microtime(true) > $looked + self::LONGEST) {
                    $looked = microtime(true);
                    $this->lookAround($turns);
                }
                $patience = $this->wanted === [] ? min(self::LONGEST, max(0.001, $end - microtime(true))) : 0;
                foreach ($this->heard((int) ceil($patience * 1_000)) as $stall) {
                    $this->step($stall, $turns);
                }
                $this->make();
            } catch (PDOException $e) {
                // The database is away, or restarting.
                report($e);
                $this->listening = null;
                DB::purge();
                sleep(1);
            }
        }

        return self::SUCCESS;
    }

    /** @return bool whether it listens from now on only, so that something may have been missed */
    private function listen(): bool
    {
        $pdo = DB::connection()->getPdo();
        if ($this->listening?->get() === $pdo) {
            return false;
        }
        $pdo->exec('LISTEN stale_pages');
        $pdo->exec('LISTEN page_turns');
        $this->listening = WeakReference::create($pdo);

        return true;
    }

    /**
     * @param  int  $patience  milliseconds
     * @return list<int> stalls something was told of
     */
    private function heard(int $patience): array
    {
        $stalls = [];
        while (is_array($told = DB::connection()->getPdo()->pgsqlGetNotify(PDO::FETCH_ASSOC, $patience))) {
            $stalls[(int) $told['payload']] = true;
            $patience = 0;
        }

        return array_keys($stalls);
    }

    /** Follows in every folder there is, and turns what waits. */
    private function lookAround(PageTurns $turns): void
    {
        OneStall::each('shops_to_turn', [self::AT_ONCE], fn (int $stall) => $this->step($stall, $turns));
        $ending = '.'.config('stall.shops_host');
        foreach (glob(storage_path('pages/*'.$ending), GLOB_ONLYDIR) ?: [] as $folder) {
            $stall = Door::enter(basename($folder, $ending));
            if ($stall === null) {
                File::deleteDirectory($folder);
            } else {
                $this->follow($stall);
            }
            OneStall::leave();
        }
    }

    private function step(int $number, PageTurns $turns): void
    {
        OneStall::within($number, function () use ($number, $turns): void {
            $stall = Stall::query()->find($number);
            if ($stall !== null) {
                rescue(static fn () => $turns->turn($stall));
                $this->follow($stall);
            }
        });
    }

    private function follow(Stall $stall): void
    {
        rescue(static fn () => PageFolder::of($stall)->follow(ShopState::of($stall)));
        $wanted = $this->wanted[$stall->id] ?? new Wanted($stall);
        $wanted->collect();
        if ($wanted->isEmpty()) {
            unset($this->wanted[$stall->id]);
        } else {
            $this->wanted[$stall->id] = $wanted;
        }
    }

    /** Has the next page made. */
    private function make(): void
    {
        foreach ($this->wanted as $number => $wanted) {
            if ($wanted->hasSingle()) {
                $next = $number;
                break;
            }
        }
        $next ??= array_key_first($this->wanted);
        if ($next === null) {
            return;
        }
        $wanted = $this->wanted[$next];
        unset($this->wanted[$next]);
        $path = $wanted->next();
        if ($path !== null) {
            $this->haveMade($wanted->stall, $path);
            $wanted->again($path);
        }
        if (! $wanted->isEmpty()) {
            $this->wanted[$next] = $wanted;
        }
    }

    private function haveMade(Stall $stall, string $path): void
    {
        $host = parse_url($stall->shopAddress(), PHP_URL_HOST).config('stall.port_suffix');
        $at = $this->option('at') ?? config('stall.own_address');
        rescue(static fn () => OwnServer::get((string) $at, $host, $path, self::PATIENCE), report: false);
    }
}
