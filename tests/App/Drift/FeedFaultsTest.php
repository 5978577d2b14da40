<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Drift;

use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Bench\TakeToBench;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Feeds\Samples;

/** However a supplier's file comes, what is left is what it says, or what there was before; never something between. */
final class FeedFaultsTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        $this->begin();
    }

    /** @return iterable<string, array{callable(string): string, RunState}> how it comes, and how the pull ends */
    public static function ways(): iterable
    {
        yield 'in UTF-16' => [
            static fn (string $f): string => "\xFF\xFE".mb_convert_encoding($f, 'UTF-16LE', 'UTF-8'),
            RunState::Done,
        ];
        yield 'in Windows-1252' => [
            static fn (string $f): string => mb_convert_encoding($f, 'Windows-1252', 'UTF-8'),
            RunState::Done,
        ];
        yield 'packed' => [static fn (string $f): string => (string) gzencode($f), RunState::Done];
        yield 'with a renamed column' => [
            static fn (string $f): string => str_replace('Trade price', 'Trade price GBP', $f),
            RunState::Done,
        ];
        yield 'with a doubled column' => [self::doubled(...), RunState::Done];
        yield 'with every row twice' => [
            static fn (string $f): string => $f.substr($f, (int) strpos($f, "\n") + 1),
            RunState::Done,
        ];
        yield 'backwards' => [self::backwards(...), RunState::Done];
        yield 'without its costs' => [
            static fn (string $f): string => str_replace(
                'Trade price',
                'Remarks',
                (string) preg_replace('/;\d+,\d\d;40,00/', ';;40,00', $f),
            ),
            RunState::Failed,
        ];
        yield 'cut off between two rows' => [
            static fn (string $f): string => implode("\n", array_slice(explode("\n", $f), 0, 12))."\n",
            RunState::SetAside,
        ];
        yield 'cut off within a quotation' => [
            static fn (string $f): string => substr($f, 0, (int) strpos($f, 'Pot 15')).'"Pot 15',
            RunState::Failed,
        ];
        yield 'as a page that says sorry' => [
            static fn (string $f): string => '<!doctype html><html><body>Sorry</body></html>',
            RunState::Failed,
        ];
        yield 'empty' => [static fn (string $f): string => '', RunState::Failed];
    }

    /** @param  callable(string): string  $comes */
    #[DataProvider('ways')]
    public function test_it_comes_to_the_same_or_changes_nothing(callable $comes, RunState $ends): void
    {
        $before = $this->left();
        $run = $this->pull($comes(self::changed()));
        self::assertSame($ends, $run->state, (string) $run->trouble);
        if ($ends !== RunState::Done) {
            self::assertSame($before, $this->left(), 'nothing of it was used');
            self::assertNotSame('', (string) $run->trouble);

            return;
        }
        $came = $this->left();
        $this->begin();
        self::assertSame(RunState::Done, $this->pull(self::changed())->state);
        self::assertSame($this->left(), $came, 'as the file that came right');
        self::assertNotSame($before, $came);
    }

    public function test_a_clock_that_goes_back_an_hour_changes_nothing_of_it(): void
    {
        $this->travel(-1)->hours();
        $this->pull(self::changed());
        $came = $this->left();
        $this->travelBack();
        $again = $this->pull(self::changed()."\n");
        self::assertSame([RunState::Done, 0], [$again->state, $again->counts['changed'] ?? null]);
        self::assertSame($came, $this->left(), 'the same once more is the same');
        self::assertTrue($this->supplier->refresh()->pulled_at?->isToday());
        $this->begin();
        $this->pull(self::changed());
        self::assertSame($this->left(), $came);
    }

    private function begin(): void
    {
        $this->stall = $this->world->stall();
        $this->supplier = $this->world->feed($this->stall, Samples::table(20), Samples::mapping());
        $this->pull(Samples::table(20));
        $goods = SupplierItem::of($this->stall)->orderBy('external_id')->limit(12)->pluck('id')->all();
        app(TakeToBench::class)($this->stall, array_values(array_map(intval(...), $goods)));
    }

    /** Costs within the band and beyond it, another title with letters that stand in no ASCII, one gone, one new. */
    private static function changed(): string
    {
        $table = str_replace(
            ['Pot 2;', 'wheel.;5,30;', 'wheel.;5,40;'],
            ['Großer Pot 2;', 'wheel.;5,60;', 'wheel.;9,90;'],
            Samples::table(20),
        );

        return (string) preg_replace('/^R-7;.*\n/m', '', $table).
            'R-99;R-99-1;;New pot;Chalk;Words.;7,00;40,00;9;1,0;'.
            "\n";
    }

    private static function doubled(string $file): string
    {
        $rows = explode("\n", trim($file));
        $twice = static fn (string $row): string => $row.';'.explode(';', $row)[3];

        return implode("\n", array_map($twice, $rows))."\n";
    }

    private static function backwards(string $file): string
    {
        $rows = explode("\n", trim($file));
        $header = array_shift($rows);

        return implode("\n", [$header, ...array_reverse($rows)])."\n";
    }

    private function pull(string $file): Run
    {
        $path = tempnam(sys_get_temp_dir(), 'feed') ?: self::fail('no room');
        file_put_contents($path, $file);
        $settings = ['file' => FeedFile::keep($path, $this->stall->id)];
        $this->supplier->refresh()->update(['settings' => $settings + $this->supplier->settings]);
        unlink($path);

        return app(StartPull::class)($this->supplier, null)->refresh();
    }

    /** @return list<list<mixed>> what the goods are, what they are sold for, and what was judged */
    private function left(): array
    {
        $all = fn (string $sql): array => array_values(
            array_map(
                static fn (\stdClass $row): array => array_values((array) $row),
                DB::select($sql, [$this->stall->id]),
            ),
        );

        return [
            ...$all(
                'SELECT external_id, title, content_hash, stock, gone_at IS NULL FROM supplier_items WHERE stall_id = ? ORDER BY 1',
            ),
            ...$all(
                'SELECT external_id, cost_minor, landed_minor, stock FROM supplier_variants WHERE stall_id = ? ORDER BY 1',
            ),
            ...$all('SELECT v.external_id, p.price_minor, p.keep_minor, v.waiting_price_minor FROM prices p
                JOIN listing_variants v ON v.id = p.listing_variant_id WHERE p.stall_id = ? ORDER BY 1'),
            ...$all(
                'SELECT kind, variant, before, after, standing FROM drift_changes WHERE stall_id = ? ORDER BY 1, 2, 3',
            ),
        ];
    }
}
