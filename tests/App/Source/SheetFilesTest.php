<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\OpenFeed;

/** Spreadsheets (.xlsx) are read as the tables that a person sees in them. */
final class SheetFilesTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/sheet-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->path.'*') ?: []);
    }

    public function test_cells_are_read_by_their_types(): void
    {
        $feed = $this->feed(['Goods' => [
            1 => '<c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c><c r="C1" t="s"><v>2</v></c>'.
                '<c r="D1" t="inlineStr"><is><t>Listed</t></is></c><c r="E1" t="str"><v>Barcode</v></c>',
            2 => '<c r="A2" t="s"><v>3</v></c><c r="B2"><v>4.2000000000000002</v></c><c r="C2"><v>12</v></c>'.
                '<c r="D2" s="1"><v>46352</v></c><c r="E2"><v>5012345678900</v></c>',
            5 => '<c r="A5" t="inlineStr"><is><r><t>Two</t></r><r><t xml:space="preserve"> "lines"&#10;deep</t></r>'.
                '<rPh sb="0" eb="1"><t>no</t></rPh></is></c><c r="B5"><v>1.234</v></c><c r="C5" t="b"><v>1</v></c>'.
                '<c r="D5" s="2"><v>46352.75</v></c><c r="E5" t="e"><v>#N/A</v></c>',
            6 => '<c r="A6" s="1"/><c r="C6"><v>1.5E3</v></c>',
        ]]);
        self::assertSame('a spreadsheet, its sheet “Goods”', $feed->about());
        self::assertSame(['SKU', 'Trade price', 'Stock', 'Listed', 'Barcode'], $feed->header());
        self::assertSame([
            2 => ['T-1', '4.2', '12', '2026-11-26', '5012345678900'],
            5 => ["Two \"lines\"\ndeep", '1.2340', 'yes', '2026-11-26', '#N/A'],
            6 => ['', '', '1500', '', ''],
        ], iterator_to_array($feed->rows()));
        self::assertSame([5], array_keys(iterator_to_array($feed->some([5]))));
    }

    public function test_the_sheet_with_the_goods_is_taken_wherever_it_stands(): void
    {
        $words = Spreadsheet::words(...);
        $feed = $this->feed([
            'Read me' => [1 => $words('Welcome'), 2 => $words('Terms', 'of delivery')],
            'Shelf' => [
                1 => $words('Autumn list'),
                3 => $words('SKU', 'Name', 'Cost'),
                4 => $words('P-1', 'Pot', '4.20'),
            ],
            'Old!hidden' => [1 => $words('SKU', 'Name', 'Cost', 'Stock'), 2 => $words('O-1', 'Old', '1', '1')],
        ]);
        self::assertSame([['Read me', 'Shelf'], 'Shelf'], [$feed->parts(), $feed->part()]);
        self::assertSame('a spreadsheet, its sheet “Shelf”', $feed->about());
        self::assertSame([4 => ['P-1', 'Pot', '4.20']], iterator_to_array($feed->rows()));
        self::assertSame('Read me', OpenFeed::at($this->path, 'Read me')->part());
    }

    public function test_a_large_one_takes_little_memory(): void
    {
        $rows = [1 => '<c t="inlineStr"><is><t>SKU</t></is></c><c t="inlineStr"><is><t>Name</t></is></c>'];
        foreach (range(2, 20_000) as $n) {
            $rows[$n] = '<c t="s"><v>'.$n.'</v></c><c t="inlineStr"><is><t>'.str_repeat('pot ', 25).$n.'</t></is></c>';
        }
        $texts = array_map(static fn (int $n): string => 'S-'.$n.str_repeat('x', 200), range(0, 20_000));
        $this->put(['Goods' => $rows], $texts);
        unset($rows, $texts);
        memory_reset_peak_usage();
        $before = memory_get_usage();
        $count = 0;
        foreach (OpenFeed::at($this->path)->rows() as $number => [$sku]) {
            $count += str_starts_with($sku, 'S-'.$number.'x') ? 1 : 0;
        }
        self::assertSame(19_999, $count);
        self::assertLessThan(8_000_000, memory_get_peak_usage() - $before);
    }

    /** @return iterable<string, array{array<string, string>, string}> parts beside the right ones, and what is said */
    public static function faults(): iterable
    {
        yield 'a broken sheet' => [['xl/worksheets/sheet1.xml' => '<worksheet><sheetData><row'], 'is damaged inside'];
        yield 'an entity' => [
            ['xl/sharedStrings.xml' => '<!DOCTYPE s [<!ENTITY a "b">]><sst><si><t>&a;</t></si></sst>'],
            'is damaged inside',
        ];
        yield 'no sheet at all' => [['xl/workbook.xml' => '<workbook/>'], 'no sheet with anything in it'];
        yield 'an empty sheet' => [['xl/worksheets/sheet1.xml' => '<worksheet/>'], 'no sheet with anything in it'];
        yield 'more columns than may be' => [
            ['xl/worksheets/sheet1.xml' => '<worksheet><row>'.str_repeat('<c><v>1</v></c>', 400).'</row></worksheet>'],
            '300 is the most',
        ];
    }

    /** @param  array<string, string>  $parts */
    #[DataProvider('faults')]
    public function test_a_damaged_one_is_refused_in_words(array $parts, string $says): void
    {
        $this->put(['Goods' => [1 => '<c><v>1</v></c>']], [], $parts);
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        OpenFeed::at($this->path);
    }

    public function test_a_byte_changed_within_is_found_by_its_checksum(): void
    {
        $this->put(['Goods' => [1 => '<c t="s"><v>0</v></c>', 2 => '<c><v>4.20</v></c>']]);
        $bytes = (string) file_get_contents($this->path);
        $at = strpos($bytes, '4.20');
        self::assertIsInt($at, 'the parts are stored, not packed');
        file_put_contents($this->path, substr_replace($bytes, '9', $at, 1));
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessageMatches('/damaged/');
        OpenFeed::at($this->path);
    }

    /** @param  array<string, array<int, string>>  $sheets */
    private function feed(array $sheets): \WindowStall\Source\Feeds\Feed
    {
        $this->put($sheets);

        return OpenFeed::at($this->path);
    }

    /**
     * @param  array<string, array<int, string>>  $sheets
     * @param  list<string>  $texts
     * @param  array<string, string>  $instead
     */
    private function put(
        array $sheets,
        array $texts = ['SKU', 'Trade price', 'Stock', 'T-1'],
        array $instead = [],
    ): void {
        file_put_contents($this->path, Spreadsheet::of($sheets, $texts, $instead));
    }
}
