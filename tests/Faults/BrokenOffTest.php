<?php

declare(strict_types=1);

namespace WindowStall\Tests\Faults;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Process;
use Symfony\Component\Process\Exception\ProcessSignaledException;
use WindowStall\Bench\TakeToBench;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;
use WindowStall\Tests\Core\Feeds\Samples;

/** A pull broken off at ten points, by the death of its process or of the database, ends as an undisturbed one does. */
final class BrokenOffTest extends FaultsTestCase
{
    private const POINTS = 10;

    public function test_wherever_a_pull_is_killed_it_ends_as_an_undisturbed_one(): void
    {
        $this->compare('kill');
    }

    public function test_wherever_the_database_goes_away_the_pull_ends_as_an_undisturbed_one(): void
    {
        $this->compare('cut');
    }

    private function compare(string $how): void
    {
        [$calm, $count] = $this->pulled(0, $how);
        self::assertGreaterThan(self::POINTS, $count);
        self::assertNotSame([], $calm['changes'], 'something was judged');
        for ($point = 1; $point <= self::POINTS; $point++) {
            $at = max(1, intdiv($count * $point, self::POINTS + 1));
            [$left] = $this->pulled($at, $how);
            self::assertSame($calm, $left, sprintf('%s at statement %d of %d', $how, $at, $count));
        }
    }

    /** @return array{array<string, list<mixed>>, int} what a pull leaves, and how many statements it took */
    private function pulled(int $at, string $how): array
    {
        $stall = $this->world->stall();

        return OneStall::within($stall->id, function () use ($stall, $at, $how): array {
            $supplier = $this->world->feed($stall, Samples::table(20), Samples::mapping());
            $this->pullUntil($supplier, 0, $how);
            $goods = SupplierItem::of($stall)->orderBy('external_id')->limit(12)->pluck('id')->all();
            app(TakeToBench::class)($stall, array_values(array_map(intval(...), $goods)));
            $path = tempnam(sys_get_temp_dir(), 'feed') ?: throw new \RuntimeException('No room for a file.');
            file_put_contents($path, self::changed());
            $supplier
                ->refresh()
                ->update(['settings' => ['file' => FeedFile::keep($path, $stall->id)] + $supplier->settings]);
            unlink($path);

            $count = $this->pullUntil($supplier, $at, $how);

            return [self::left($stall), $count];
        });
    }

    /** Pulls, breaks it off, and has it taken up as the program does. */
    private function pullUntil(SupplierConnection $supplier, int $at, string $how): int
    {
        $run = $supplier
            ->runs()
            ->create(['stall_id' => $supplier->stall_id, 'state' => RunState::Waiting, 'counts' => []]);
        $done = self::go($run, $at, $how);
        // Killed, it still seems to be under way; cut off, it failed and the next pull comes.
        if ($run->refresh()->state === RunState::Running) {
            $run->update(['state' => RunState::Waiting, 'taken_up' => 1]);
            $done = self::go($run, 0, $how);
        } elseif ($run->state === RunState::Failed) {
            $run = $supplier
                ->runs()
                ->create(['stall_id' => $supplier->stall_id, 'state' => RunState::Waiting, 'counts' => []]);
            $done = self::go($run, 0, $how);
        }
        self::assertSame(RunState::Done, $run->refresh()->state, (string) $run->trouble);

        return $done;
    }

    private static function go(Run $run, int $at, string $how): int
    {
        try {
            $command = [PHP_BINARY, __DIR__.'/pull-until.php', (string) $run->id, (string) $at, $how];

            return (int) Process::timeout(60)->run($command)->output();
        } catch (ProcessSignaledException) {
            return 0;
        }
    }

    /** Costs within the band and beyond it, another title, one gone, one new. */
    private static function changed(): string
    {
        $table = str_replace(
            ['Pot 2;', 'wheel.;5,30;', 'wheel.;5,40;'],
            ['Large pot 2;', 'wheel.;5,60;', 'wheel.;9,90;'],
            Samples::table(20),
        );

        return (string) preg_replace('/^R-7;.*\n/m', '', $table).
            'R-99;R-99-1;;New pot;Chalk;Words.;7,00;40,00;9;1,0;'.
            "\n";
    }

    /** @return array<string, list<mixed>> everything that counts, without numbers of rows and times */
    private static function left(Stall $stall): array
    {
        $all = static fn (string $sql): array => array_values(
            array_map(static fn (\stdClass $row): array => array_values((array) $row), DB::select($sql, [$stall->id])),
        );

        return [
            'items' => $all(
                'SELECT external_id, title, content_hash, raw_hash, stock, gone_at IS NULL FROM supplier_items WHERE stall_id = ? ORDER BY 1',
            ),
            'variants' => $all(
                'SELECT external_id, cost_minor, landed_minor, stock, gone_at IS NULL FROM supplier_variants WHERE stall_id = ? ORDER BY 1',
            ),
            'listings' => $all('SELECT i.external_id, l.shown_title, l.slug, l.waiting, l.changes_count, l.shown_from_minor, l.supplier_gone,
                l.agreed_words_id = i.words_id FROM listings l JOIN supplier_items i ON i.id = l.supplier_item_id WHERE l.stall_id = ? ORDER BY 1'),
            'prices' => $all('SELECT v.external_id, p.market, p.price_minor, p.keep_minor, v.waiting_price_minor
                FROM prices p JOIN listing_variants v ON v.id = p.listing_variant_id WHERE p.stall_id = ? ORDER BY 1, 2'),
            'changes' => $all('SELECT i.external_id, kind, c.variant, before, after, standing, rule, price_was, price_agreed, keep_agreed
                FROM drift_changes c JOIN supplier_items i ON i.id = c.supplier_item_id WHERE c.stall_id = ? ORDER BY 1, 2, 3'),
            'unsettled' => $all('SELECT supplier_item_id FROM unsettled_items WHERE stall_id = ?'),
        ];
    }
}
