<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use Illuminate\Support\Facades\DB;
use Random\Engine\Mt19937;
use Random\Randomizer;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Connectors\Feed\FeedFile;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Feeds\Samples;

/** What came as it came last time isn't read again; what comes of a pull is the same as if all had been read. */
final class KnownGoodsTest extends AppTestCase
{
    private Stall $stall;

    private SupplierConnection $supplier;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
        $this->supplier = $this->world->feed($this->stall, Samples::table(20), Samples::mapping());
        $this->supplier->update(['guards' => ['short' => 9_000, 'emptied' => 9_000, 'halved' => 9_000]]);
        $this->pull($this->supplier, Samples::table(20));
    }

    public function test_the_same_bytes_end_at_once_and_other_bytes_are_compared_row_by_row(): void
    {
        $again = $this->pull($this->supplier, Samples::table(20));
        self::assertEquals(['new' => 0, 'changed' => 0, 'same' => 20, 'gone' => 0], $again->counts);
        self::assertSame(['The file is byte for byte the one of last time.'], $again->notes);
        $moved = $this->pull($this->supplier, Samples::table(20)."\n");
        self::assertEquals($again->counts, $moved->counts);
        self::assertSame(['Every row of the file says what it said last time.'], $moved->notes);
        $known = $this->pull($this->supplier, Samples::table(20)."\n");
        self::assertSame($again->notes, $known->notes, 'and these bytes are known now');
        $one = $this->pull($this->supplier, str_replace('Pot 7;', 'Pot seven;', Samples::table(20)));
        self::assertEquals(['new' => 0, 'changed' => 1, 'same' => 19, 'gone' => 0], $one->counts);
        self::assertSame('Pot seven', SupplierItem::of($this->stall)->where('external_id', 'R-7')->value('title'));
        self::assertSame(0, DB::table('unsettled_items')->count(), 'all of it is worked in');
    }

    public function test_a_file_that_leaves_one_out_says_something_new(): void
    {
        $lines = explode("\n", trim(Samples::table(20)));
        $short = $this->pull($this->supplier, implode("\n", array_slice($lines, 0, -1))."\n");
        self::assertEquals(['new' => 0, 'changed' => 0, 'same' => 19, 'gone' => 1], $short->counts);
        $back = $this->pull($this->supplier, Samples::table(20));
        self::assertSame([20, 0], [($back->counts['same'] ?? 0) + ($back->counts['changed'] ?? 0), $back->counts['gone'] ?? 0]);
        self::assertSame(20, SupplierItem::of($this->stall)->whereNull('gone_at')->count());
    }

    public function test_another_mapping_reads_the_same_bytes_anew(): void
    {
        $columns = array_combine(Samples::HEADER, [
            FeedField::Item,
            FeedField::Sku,
            FeedField::Barcode,
            FeedField::Words,
            FeedField::Option,
            FeedField::Title,
            FeedField::Cost,
            FeedField::Rrp,
            FeedField::Stock,
            FeedField::Weight,
            FeedField::Picture,
        ]);
        $mapping = Samples::mapping($columns);
        $this->supplier->update(['settings' => ['mapping' => $mapping->toArray()] + $this->supplier->settings]);
        self::assertSame(20, $this->pull($this->supplier, Samples::table(20))->counts['changed'] ?? 0);
        self::assertSame(
            'Pot number 3, thrown at the wheel.',
            SupplierItem::of($this->stall)->where('external_id', 'R-3')->value('title'),
        );
    }

    public function test_what_could_not_be_used_is_listed_with_every_pull(): void
    {
        $broken = str_replace(
            'Chalk;Pot number 4, thrown at the wheel.;5,40',
            'Chalk;Pot number 4, thrown at the wheel.;dear',
            Samples::table(20),
        );
        foreach ([1, 2] as $time) {
            $run = $this->pull($this->supplier, $broken);
            self::assertSame([1, RunState::Done], [$run->rejects, $run->state], 'pull '.$time);
            self::assertSame([5], DB::table('run_rejects')->where('run_id', $run->id)->pluck('row')->all());
        }
    }

    public function test_whatever_changes_in_a_file_comes_to_the_same_as_reading_all_of_it(): void
    {
        $random = new Randomizer(new Mt19937(20_261_126));
        $lines = explode("\n", trim(Samples::table(20)));
        for ($step = 0; $step < 25; $step++) {
            $lines = self::changed($lines, $random);
            $file = implode("\n", $lines)."\n";
            $this->pull($this->supplier, $file);
            $fresh = $this->world->feed($this->stall, $file, Samples::mapping(), 'Afresh '.$step);
            $this->pull($fresh, $file);
            self::assertSame(self::goods($fresh), self::goods($this->supplier), 'step '.$step."\n".$file);
        }
    }

    /**
     * @param  list<string>  $lines
     * @return list<string>
     */
    private static function changed(array $lines, Randomizer $random): array
    {
        $at = $random->getInt(1, count($lines) - 1);
        $other = $random->getInt(1, count($lines) - 1);
        $cells = explode(';', $lines[$at]);
        switch ($random->getInt(0, 8)) {
            case 0: // another cost
                $cells[6] = $random->getInt(4, 20).',50';
                break;
            case 1: // no cost that can be read
                $cells[6] = 'dear';
                break;
            case 2: // the SKU of another row
                $cells[1] = explode(';', $lines[$other])[1];
                break;
            case 3: // a variant of another item
                $cells[0] = explode(';', $lines[$other])[0];
                $cells[4] = 'Slate '.$at;
                break;
            case 4: // gone
                if (count($lines) > 15) {
                    array_splice($lines, $at, 1);

                    return $lines;
                }
                break;
            case 5: // new
                $n = $random->getInt(100, 999);
                $lines[] = "N-$n;N-$n-1;;New $n;Ink;Words;7,00;20,00;3;1,0;";

                return $lines;
            case 6: // elsewhere in the file
                $line = array_splice($lines, $at, 1);
                array_splice($lines, min($other, count($lines)), 0, $line);

                return $lines;
            case 7: // twice
                $lines[] = $lines[$at];

                return $lines;
            default:
                // other words
                $cells[3] .= ' again';
        }
        $lines[$at] = implode(';', $cells);

        return array_values($lines);
    }

    /** @return array<string, array<string, string|int>> item → its words and its variants, of what is offered */
    private static function goods(SupplierConnection $connection): array
    {
        $goods = [];
        $rows = DB::table('supplier_items AS item')
            ->join('supplier_variants AS variant', 'variant.supplier_item_id', 'item.id')
            ->where('item.connection_id', $connection->id)
            ->whereNull('item.gone_at')
            ->whereNull('variant.gone_at')
            ->orderBy('item.external_id')
            ->orderBy('variant.sku')
            ->select(
                'item.external_id',
                'item.content_hash',
                'variant.sku',
                'variant.cost_minor',
                'variant.landed_minor',
            )
            ->get();
        foreach ($rows as $row) {
            $goods[(string) $row->external_id]['words'] = (string) $row->content_hash;
            $goods[(string) $row->external_id][(string) $row->sku] = $row->cost_minor.' '.$row->landed_minor;
        }

        return $goods;
    }

    private function pull(SupplierConnection $connection, string $file): Run
    {
        $path = tempnam(sys_get_temp_dir(), 'feed') ?: throw new \RuntimeException('No room for a file.');
        file_put_contents($path, $file);
        $settings = ['file' => FeedFile::keep($path, $this->stall->id)] + $connection->refresh()->settings;
        $connection->update(['settings' => $settings]);
        unlink($path);

        return app(StartPull::class)($connection, null)->refresh();
    }
}
