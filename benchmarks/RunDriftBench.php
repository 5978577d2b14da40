<?php

declare(strict_types=1);

namespace WindowStall\Benchmarks;

use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use WindowStall\Bench\ProjectListings;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\MappedColumn;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Drift\Views\DeskView;
use WindowStall\Runs\RunState;
use WindowStall\Source\Jobs\PullCatalogue;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/**
 * Measures pulls of a feed of 100,000 variants, all of them listed, end to end: from the bytes on disk to listings and
 * prices brought up to date, next to COPY of the same rows and one comparing join in the same run.
 */
final class RunDriftBench extends Command
{
    private const VARIANTS_TO_AN_ITEM = 5;

    /** Rows that ask on a desk after a bad night. */
    private const ASKING = 10_000;

    private const ASK = <<<'SQL'
        INSERT INTO drift_changes (
            stall_id, listing_id, connection_id, supplier_item_id, listing_variant_id, kind, variant, about, before,
            after, said, standing, rule, moved_bp, price_was, keep_was, price_kept, keep_kept, price_agreed,
            keep_agreed, at
        )
        SELECT listing.stall_id, listing.id, item.connection_id, item.id, variant.id, 'cost', variant.external_id,
               'Terracotta', '4.00 EUR', '6.00 EUR', '400', 'asks', 'it moved by more than 15% (as it begins)', 5000,
               price.price_minor, price.keep_minor, price.price_minor, price.keep_minor, price.price_minor + 200,
               price.keep_minor, now()
        FROM listings AS listing
        JOIN supplier_items AS item ON item.id = listing.supplier_item_id
        JOIN listing_variants AS variant ON variant.listing_id = listing.id
        JOIN prices AS price ON price.listing_variant_id = variant.id
        WHERE listing.stall_id = ?
        ORDER BY variant.id
        LIMIT ?
        ON CONFLICT DO NOTHING
        SQL;

    private const COLUMNS = [
        'range' => FeedField::Item, 'sku' => FeedField::Sku, 'ean' => FeedField::Barcode, 'name' => FeedField::Title,
        'colour' => FeedField::Option, 'size' => FeedField::Option, 'text' => FeedField::Words, 'section' => FeedField::Category,
        'price' => FeedField::Cost, 'rrp' => FeedField::Rrp, 'stock' => FeedField::Stock, 'weight' => FeedField::Weight,
    ];

    protected $signature = 'bench:drift {--rows=100000}
        {--read-only : the first pull and two that bring nothing new, for memory}';

    protected $description = 'Print how quick a supplier’s file is pulled and followed';

    public function handle(ProjectListings $project): int
    {
        $stall = Stall::query()->where('handle', 'saltmarsh-ringers')->firstOrFail();
        OneStall::within($stall->id, fn () => $this->measure($stall, (int) $this->option('rows'), $project));

        return self::SUCCESS;
    }

    private function measure(Stall $stall, int $rows, ProjectListings $project): void
    {
        $file = $this->goods($rows, static fn (int $n): int => 0);
        $copy = $this->copy($file);
        $this->line(sprintf(
            'A feed of %s rows pulled, next to COPY of them and one comparing join in the same run (%.2f s)',
            number_format($rows),
            $copy,
        ));
        $connection = $this->connection($stall, $file);
        $this->say('the first time: read, stored, searchable, landed', $this->pull($connection), $copy);
        if (! (bool) $this->option('read-only')) {
            $this->list($stall, $connection);
            $project($stall);
            $this->vacuum();
        }
        $this->say('the same bytes again', $this->pull($connection), $copy);
        $this->send($connection, $this->goods($rows, static fn (int $n): int => 0, "\n"));
        $this->say('other bytes, every row the same', $this->pull($connection), $copy);
        if ((bool) $this->option('read-only')) {
            return;
        }
        $this->send($connection, $this->goods($rows, static fn (int $n): int => $n % 100 < 3 ? 1 : 0));
        $this->say('3% of rows cost more, side by side, all listed', $this->pull($connection), $copy);
        $this->vacuum();
        $apart = static fn (int $n): int => $n % 33 === 0 ? 2 : ($n % 100 < 3 ? 1 : 0);
        $this->send($connection, $this->goods($rows, $apart));
        $this->say('3% of rows cost more, far apart, all listed', $this->pull($connection), $copy);
        $this->desk($stall);
    }

    private function say(string $what, float $seconds, float $copy): void
    {
        $this->line(sprintf(
            '  %-52s %8.2f s %8.1f × COPY and join, PHP’s peak %d MB',
            $what,
            $seconds,
            $seconds / $copy,
            intdiv(memory_get_peak_usage(), 1_000_000),
        ));
    }

    private function desk(Stall $stall): void
    {
        DB::insert(self::ASK, [$stall->id, self::ASKING]);
        DB::connection('owner')->statement('VACUUM ANALYZE drift_changes');
        $taken = [];
        for ($n = 0; $n < 15; $n++) {
            $taken[] = $this->seconds(static fn () => json_encode(DeskView::of($stall)));
        }
        sort($taken);
        $open = DB::table('drift_changes')->where('stall_id', $stall->id)->where('standing', 'asks')->count();
        $this->line(sprintf(
            '  the desk with %s open rows: %.0f ms median, %.0f at the 95th',
            number_format($open),
            $taken[7] * 1000,
            $taken[13] * 1000,
        ));
    }

    private function copy(string $file): float
    {
        $columns = array_map(static fn (string $c): string => '"'.$c.'" text', array_keys(self::COLUMNS));
        foreach (['bench_before', 'bench_now'] as $table) {
            DB::statement("CREATE TEMP TABLE $table (".implode(', ', $columns).')');
        }
        $copy = static fn (string $table) => DB::connection()->getPdo()
            ->pgsqlCopyFromArray($table, array_slice(file($file, FILE_IGNORE_NEW_LINES) ?: [], 1), ';');
        $copy('bench_before');
        DB::statement('ANALYZE bench_before');

        return $this->seconds(static function () use ($copy): void {
            $copy('bench_now');
            DB::select('SELECT count(*) FROM bench_now AS now LEFT JOIN bench_before AS before USING (sku)
                WHERE (now.price, now.stock) IS DISTINCT FROM (before.price, before.stock)');
        });
    }

    private function pull(SupplierConnection $connection): float
    {
        gc_collect_cycles();
        gc_mem_caches();
        memory_reset_peak_usage();
        $run = $connection->runs()->create([
            'stall_id' => $connection->stall_id,
            'state' => RunState::Waiting,
            'counts' => [],
        ]);
        $taken = $this->seconds(static fn () => app()->call([new PullCatalogue($run->id), 'handle']));
        $run->refresh();
        if ($run->state !== RunState::Done) {
            throw new \RuntimeException('The pull failed: '.$run->trouble);
        }

        return $taken;
    }

    /** Every one of the goods on the bench, without their pictures. */
    private function list(Stall $stall, SupplierConnection $connection): void
    {
        DB::insert(<<<'SQL'
            INSERT INTO listings (
                stall_id, supplier_item_id, agreed_words_id, state, slug, shown_title, created_at, updated_at
            )
            SELECT stall_id, id, words_id, 'on_bench', 'bench-' || id, left(title, 400), now(), now()
            FROM supplier_items
            WHERE connection_id = ?
            SQL, [$connection->id]);
        DB::insert(<<<'SQL'
            INSERT INTO listing_variants (listing_id, supplier_variant_id, external_id, position)
            SELECT listing.id, variant.id, variant.external_id, variant.position
            FROM listings AS listing
            JOIN supplier_items AS item ON item.id = listing.supplier_item_id
            JOIN supplier_variants AS variant ON variant.supplier_item_id = item.id
            WHERE item.connection_id = ?
            SQL, [$connection->id]);
        $this->vacuum();
    }

    private function vacuum(): void
    {
        $tables = ['listings', 'listing_variants', 'supplier_items', 'supplier_variants', 'prices', 'drift_changes'];
        foreach ($tables as $table) {
            DB::connection('owner')->statement('VACUUM ANALYZE '.$table);
        }
    }

    private function connection(Stall $stall, string $file): SupplierConnection
    {
        $columns = array_map(
            static fn (string $name, FeedField $field): MappedColumn => new MappedColumn($name, $field),
            array_keys(self::COLUMNS),
            array_values(self::COLUMNS),
        );
        $mapping = new Mapping($columns, DecimalSign::Point, true, 'EUR', 'NL');
        $connection = SupplierConnection::of($stall)->create([
            'public_id' => (string) Str::uuid(),
            'kind' => 'feed',
            'name' => 'Bench',
            'address' => 'file:bench-'.Str::uuid(),
            'secrets' => ['key' => '', 'hook' => ''],
            'settings' => ['mapping' => $mapping->toArray(), 'delivery' => 'NL; 30 kg; 4.95; 2-4'],
        ]);
        $this->send($connection, $file);

        return $connection;
    }

    private function send(SupplierConnection $connection, string $file): void
    {
        $kept = 'feeds/bench-'.Str::uuid();
        $in = fopen($file, 'r') ?: throw new \RuntimeException('The file is gone.');
        Storage::writeStream($kept, $in);
        $connection->update(['settings' => ['file' => $kept] + $connection->settings]);
        unlink($file);
    }

    /** @param  callable(int): int  $dearer  by how many tenths a row costs more than at first */
    private function goods(int $rows, callable $dearer, string $end = ''): string
    {
        $file = tempnam(sys_get_temp_dir(), 'bench') ?: throw new \RuntimeException('No room for a file.');
        $out = fopen($file, 'w') ?: throw new \RuntimeException('No room for a file.');
        fwrite($out, implode(';', array_keys(self::COLUMNS))."\n");
        for ($n = 0; $n < $rows; $n++) {
            $item = intdiv($n, self::VARIANTS_TO_AN_ITEM);
            fwrite($out, implode(';', [
                'R-'.$item, 'S-'.$n, sprintf('%013d', $n), 'Hand-thrown flower pot '.$item,
                ['Terracotta', 'Chalk', 'Slate', 'Moss', 'Ink'][$n % 5], (12 + $n % 4 * 6).' cm',
                'Thrown at the wheel and wood-fired, frost-proof to minus fifteen degrees.', 'Pots '.$item % 12,
                sprintf('%d.%02d', 4 + $n % 40, ($n % 90) + $dearer($n)), 60 + $n % 90, $n % 300,
                1 + $n % 8 .'.'.$n % 10,
            ])."\n");
        }
        fwrite($out, $end);
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
