<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\DecimalSign;
use WindowStall\Core\Feeds\FeedField;
use WindowStall\Core\Feeds\Mapping;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunState;
use WindowStall\Source\Pulling\StartPull;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Tests\App\AppTestCase;
use WindowStall\Tests\Core\Feeds\Samples;

/** Every format a supplier's list may come in, and everything that may be wrong with it. */
final class FeedFormatsTest extends AppTestCase
{
    private const FLAT = [
        'code' => FeedField::Item,
        'sku' => FeedField::Sku,
        'name' => FeedField::Title,
        'colour' => FeedField::Option,
        'cost' => FeedField::Cost,
        'stock' => FeedField::Stock,
    ];

    private Stall $stall;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stall = $this->world->stall();
    }

    /** @return iterable<string, array{string, Mapping}> the same two items with three variants, in every dress */
    public static function dresses(): iterable
    {
        $rows = [
            ['P', 'P-1', 'Pot', 'Red', '6.40', '12'],
            ['P', 'P-2', 'Pot', 'Blue', '6.40', '1'],
            ['T', 'T-1', 'Töm, "tall"', 'Red', '7.20', '0'],
        ];
        $table = static fn (string $d, string $end = "\n"): string => implode(
            $end,
            array_map(
                static fn (array $r): string => implode(
                    $d,
                    array_map(
                        static fn (string $c): string => preg_match('/[",;\t|]/', $c) === 1
                            ? '"'.str_replace('"', '""', $c).'"'
                            : $c,
                        $r,
                    ),
                ),
                [array_keys(self::FLAT), ...$rows],
            ),
        ).$end;
        $point = Samples::mapping(self::FLAT, DecimalSign::Point);
        yield 'commas' => [$table(','), $point];
        yield 'semicolons, CRLF and a mark at the start' => ["\xEF\xBB\xBF".$table(';', "\r\n"), $point];
        yield 'tabs' => [$table("\t"), $point];
        yield 'bars' => [$table('|'), $point];
        yield 'decimal commas' => [
            str_replace(['6.40', '7.20'], ['6,40', '7,20'], $table(';')),
            Samples::mapping(self::FLAT),
        ];
        yield 'Windows-1252' => [mb_convert_encoding($table(';'), 'Windows-1252', 'UTF-8'), $point];
        yield 'UTF-16' => ["\xFF\xFE".mb_convert_encoding($table(';'), 'UTF-16LE', 'UTF-8'), $point];
        yield 'gz' => [(string) gzencode($table(',')), $point];
        yield 'zip' => [self::zip(['list.csv' => $table(',')]), $point];
        $records = array_map(static fn (array $r): array => array_combine(array_keys(self::FLAT), $r), $rows);
        yield 'a spreadsheet' => [
            Spreadsheet::of(['Goods' => array_map(
                static fn (array $row): string => Spreadsheet::words(...$row),
                [1 => array_keys(self::FLAT), ...$rows],
            )]),
            $point,
        ];
        yield 'a spreadsheet in a zip' => [
            self::zip(['list.xlsx' => Spreadsheet::of(['Goods' => array_map(
                static fn (array $row): string => Spreadsheet::words(...$row),
                [1 => array_keys(self::FLAT), ...$rows],
            )])]),
            $point,
        ];
        yield 'JSON, a list' => [(string) json_encode($records), $point];
        yield 'JSON, the list within' => [(string) json_encode(['made' => '2026-11-25', 'goods' => $records]), $point];
        yield 'NDJSON' => [
            implode("\n", array_map(static fn (array $r): string => (string) json_encode($r), $records)),
            $point,
        ];
        yield 'JSON, variants within items' => [
            (string) json_encode([
                'items' => [
                    [
                        'code' => 'P',
                        'name' => 'Pot',
                        'variants' => [
                            ['sku' => 'P-1', 'colour' => 'Red', 'cost' => 6.4, 'stock' => 12],
                            ['sku' => 'P-2', 'colour' => 'Blue', 'cost' => 6.4, 'stock' => 1],
                        ],
                    ],
                    [
                        'code' => 'T',
                        'name' => 'Töm, "tall"',
                        'variants' => [['sku' => 'T-1', 'colour' => 'Red', 'cost' => 7.2, 'stock' => 0]],
                    ],
                ],
            ]),
            Samples::mapping(
                [
                    'code' => FeedField::Item,
                    'variants/sku' => FeedField::Sku,
                    'name' => FeedField::Title,
                    'variants/colour' => FeedField::Option,
                    'variants/cost' => FeedField::Cost,
                    'variants/stock' => FeedField::Stock,
                ],
                DecimalSign::Point,
            ),
        ];
        $xml =
            '<?xml version="1.0"?><list><made>today</made><goods>'.
            implode(
                '',
                array_map(
                    static fn (array $r): string => '<good id="'.
                        $r[1].
                        '"><code>'.
                        $r[0].
                        '</code><name>'.
                        htmlspecialchars($r[2]).
                        '</name><colour><![CDATA['.
                        $r[3].
                        ']]></colour><cost>'.
                        $r[4].
                        '</cost><stock>'.
                        $r[5].
                        '</stock></good>',
                    $rows,
                ),
            ).
            '</goods></list>';
        yield 'XML' => [
            $xml,
            Samples::mapping(
                [
                    'code' => FeedField::Item,
                    '@id' => FeedField::Sku,
                    'name' => FeedField::Title,
                    'colour' => FeedField::Option,
                    'cost' => FeedField::Cost,
                    'stock' => FeedField::Stock,
                ],
                DecimalSign::Point,
            ),
        ];
        yield 'rows of an item far apart, blank lines between' => [
            implode(',', array_keys(self::FLAT)).
            "\nP,P-1,Pot,Red,6.40,12\n\nT,T-1,\"Töm, \"\"tall\"\"\",Red,7.20,0\n,,,,,\nP,P-2,Pot,Blue,6.40,1\n",
            $point,
        ];
    }

    #[DataProvider('dresses')]
    public function test_the_same_goods_come_out_whatever_the_format(string $bytes, Mapping $mapping): void
    {
        $run = $this->pull($bytes, $mapping);
        self::assertSame([RunState::Done, null, 0], [$run->state, $run->trouble, $run->rejects]);
        $items = SupplierItem::of($this->stall)->with('variants')->orderBy('external_id')->get();
        self::assertSame(
            [['P', 'Pot', 13], ['T', 'Töm, "tall"', 0]],
            $items->map(static fn ($i): array => [$i->external_id, $i->title, $i->stock])->all(),
        );
        self::assertSame(
            ['P-1' => 640, 'P-2' => 640, 'T-1' => 720],
            $items->flatMap->variants->pluck('cost_minor', 'external_id')->sortKeys()->all(),
        );
        self::assertSame(495, $items->firstOrFail()->landings()->where('market', 'GB')->firstOrFail()->delivery_minor);
    }

    /** @return iterable<string, array{string, string}> what is wrong, and the beginning of what is said */
    public static function faults(): iterable
    {
        $good = "sku,name,cost\nA,Pot,4.20\n";
        yield 'nothing at all' => ['', 'The file is empty.'];
        yield 'only blanks' => ["\n \n", 'The file is empty.'];
        yield 'a header alone' => ["sku,name,cost\n", 'The file has a header and no goods under it.'];
        yield 'one column' => ["just words\nmore words\n", 'No columns can be told apart'];
        yield 'a web page' => [
            '<!doctype html><html><body>Sign in</body></html>',
            'This is a web page, not a list of goods.',
        ];
        yield 'a spreadsheet under another name' => [
            "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat('x', 600),
            'This is a spreadsheet of the old kind (.xls) or with a password, not a list of goods.',
        ];
        yield 'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat('x', 600), 'This is a picture, not a list of goods.'];
        yield 'binary in a table' => ["sku,name,cost\nA,\x00\x01\x02,4\n", 'The file holds binary data (at byte 17)'];
        yield 'a row of 50 MB' => [
            "sku,name,cost\nA,\"".str_repeat('x', 50_000_000),
            'Row 2 is longer than 1,000,000 letters',
        ];
        yield 'four hundred columns' => [
            implode(',', array_map(static fn (int $n): string => 'c'.$n, range(1, 400)))."\n",
            'The first row has 400 columns; 300 is the most.',
        ];
        yield 'half a gz' => [
            substr(
                (string) gzencode(
                    implode(
                        '',
                        array_map(static fn (int $n): string => "$n,".md5((string) $n)."\n", range(1, 20_000)),
                    ),
                ),
                0,
                200_000,
            ),
            'The gz file breaks off in the middle.',
        ];
        yield 'a damaged gz' => [
            "\x1f\x8b\x08\x00\x00\x00\x00\x00\x00\x03".str_repeat('damaged', 50),
            'The gz file is damaged',
        ];
        yield 'a bomb' => [(string) gzencode(str_repeat('0', 80_000_000), 9), 'Unpacked, the file grows to more than'];
        yield 'half a zip' => [substr(self::zip(['a.csv' => $good]), 0, -30), 'The zip file is damaged'];
        yield 'a zip of many' => [self::zip(['a.csv' => $good, 'b.csv' => $good]), 'The zip holds 2 files.'];
        yield 'a zip within a zip' => [
            self::zip(['a.zip' => self::zip(['a.csv' => $good])]),
            'This is a packed file within another.',
        ];
        yield 'a zip of none' => [self::zip(['a/' => '']), 'The zip holds no file.'];
        yield 'XML with entities' => [
            '<?xml version="1.0"?><!DOCTYPE l [<!ENTITY a "lol"><!ENTITY b '.
                '"&a;&a;&a;">]><l><g><sku>&b;</sku></g><g><sku>1</sku></g></l>',
            'The XML declares entities of its own',
        ];
        yield 'XML that reads files' => [
            '<?xml version="1.0"?><!DOCTYPE l SYSTEM "file:///etc/passwd"><l><g><sku>1</sku></g></l>',
            'The XML declares entities of its own',
        ];
        yield 'XML that breaks off' => [
            '<l><g><sku>1</sku><name>P</name><cost>1</cost></g><g><sku>2',
            'The XML is broken in line 1',
        ];
        yield 'JSON that breaks off' => [
            '[{"sku":"A","name":"Pot","cost":4},{"sku":"B","na',
            'The JSON breaks off in the middle.',
        ];
        yield 'JSON that is none' => ['[{"sku":"A","name":"Pot",cost:4}]', 'Record 1 isn’t right JSON'];
        yield 'JSON without goods' => ['{"error":"no"}', 'No records of goods stand in the file.'];
        yield 'no row of use' => [
            "sku,name,cost\nA,Pot,free\nB,Pot,gratis\n",
            'Not one of the 2 rows can be used. The first: row 2, cost “free”. The unit cost isn’t an amount.',
        ];
        yield 'a column gone' => [
            "sku,name,zzz\nA,Pot,…\n",
            'The file has no column for the unit cost any more (it was called “cost”)',
        ];
    }

    #[DataProvider('faults')]
    public function test_a_bad_file_gets_a_clear_report_and_changes_nothing(string $bytes, string $said): void
    {
        $mapping = Samples::mapping(
            ['sku' => FeedField::Sku, 'name' => FeedField::Title, 'cost' => FeedField::Cost],
            DecimalSign::Point,
        );
        $this->pull("sku,name,cost\nOLD,Pot,3.10\n", $mapping);
        $connection = SupplierConnection::of($this->stall)->firstOrFail();
        \Illuminate\Support\Facades\Storage::put((string) $connection->settings['file'], $bytes);
        $before = memory_get_usage();
        memory_reset_peak_usage();
        $run = app(StartPull::class)($connection, null)->refresh();
        self::assertSame(RunState::Failed, $run->state);
        self::assertSame($said, mb_substr((string) $run->trouble, 0, mb_strlen($said)));
        self::assertSame($run->trouble, $connection->refresh()->trouble);
        self::assertSame(
            ['OLD'],
            SupplierItem::of($this->stall)->whereNull('gone_at')->pluck('external_id')->all(),
            'nothing half imported, nothing lost',
        );
        self::assertLessThan(64_000_000, memory_get_peak_usage() - $before - strlen($bytes), 'bounded memory');
        self::assertSame([], glob(storage_path('app/feeds/*-*')) ?: [], 'no file is left about');
    }

    public function test_good_rows_go_in_and_the_others_are_listed_with_row_column_value_and_reason(): void
    {
        $this->signIn();
        $run = $this->pull(
            "sku,name,cost,stock\nA,Pot,4.20,3\nB,Pan,free,3\nC,,4.20,3\nA,Pot again,4.20,3\nD,Dish,4.20,\"1.234,00\"\n",
            Samples::mapping(
                ['sku' => FeedField::Sku, 'name' => FeedField::Title, 'cost' => FeedField::Cost, 'stock' => FeedField::Stock],
                DecimalSign::Point,
            ),
        );
        self::assertSame([RunState::Done, 4], [$run->state, $run->rejects]);
        self::assertSame(['A'], SupplierItem::of($this->stall)->pluck('external_id')->all());
        $csv = $this->get(route('source.run.rejects', [$this->stall, $run]))->assertOk()->streamedContent();
        foreach (
            [
                '3,cost,free,"The unit cost isn’t an amount."',
                '4,name,,"The title is empty."',
                '5,SKU,A,"The same SKU stands in row 2 already."',
                '6,stock,"1.234,00","The stock isn’t a whole number."',
            ] as $line
        ) {
            self::assertStringContainsString($line, $csv);
        }
    }

    /** @return iterable<string, array{string, string}> a file whose third record is broken, and how that is listed */
    public static function brokenRows(): iterable
    {
        yield 'a quotation mark that nobody closes' => [
            "sku,name,cost\nA,Pot,4.20\nB,\"Pan,4.20\nC,Dish,4.20\n",
            BrokenText::REASON_OPEN,
        ];
        yield 'a line that is no JSON' => [
            "{\"sku\":\"A\",\"name\":\"Pot\",\"cost\":4}\n{\"sku\":\"B\",\"na\n".
                "{\"sku\":\"C\",\"name\":\"Dish\",\"cost\":5}\n",
            BrokenText::REASON_JSON,
        ];
    }

    #[DataProvider('brokenRows')]
    public function test_a_broken_row_is_listed_and_those_after_it_go_in(string $bytes, string $reason): void
    {
        $this->signIn();
        $run = $this->pull(
            $bytes,
            Samples::mapping(['sku' => FeedField::Sku, 'name' => FeedField::Title, 'cost' => FeedField::Cost], DecimalSign::Point),
        );
        self::assertSame([RunState::Done, 1], [$run->state, $run->rejects]);
        $items = SupplierItem::of($this->stall)->orderBy('external_id');
        self::assertSame(['A', 'C'], $items->pluck('external_id')->all());
        $csv = $this->get(route('source.run.rejects', [$this->stall, $run]))->assertOk()->streamedContent();
        self::assertStringContainsString($reason, $csv);
    }

    public function test_renamed_columns_are_recognised_and_remembered(): void
    {
        $mapping = Samples::mapping(
            ['Article' => FeedField::Sku, 'Name' => FeedField::Title, 'Trade price' => FeedField::Cost],
            DecimalSign::Point,
        );
        $this->pull("Article,Name,Trade price\nA-1,Flower pot,4.20\nA-2,Long pot,5.10\n", $mapping);
        $connection = SupplierConnection::of($this->stall)->firstOrFail();
        \Illuminate\Support\Facades\Storage::put(
            (string) $connection->settings['file'],
            "Article no,Name,Net price\nA-1,Flower pot,4.40\nA-2,Long pot,5.10\n",
        );
        $run = app(StartPull::class)($connection, null)->refresh();
        self::assertSame(
            [RunState::Done, ['new' => 0, 'changed' => 1, 'same' => 1, 'gone' => 0]],
            [$run->state, array_merge(['new' => 0, 'changed' => 0, 'same' => 0, 'gone' => 0], $run->counts)],
        );
        self::assertCount(2, $run->notes);
        self::assertSame('Article no', $connection->refresh()->settings['mapping']['columns'][0]['name']);
    }

    public function test_two_hundred_columns_and_ten_thousand_variants_are_borne(): void
    {
        $header = [
            'code',
            'sku',
            'name',
            'cost',
            'size',
            ...array_map(static fn (int $n): string => 'extra '.$n, range(1, 195)),
        ];
        $rows = array_map(
            static fn (int $n): string => 'ALL,V-'.
                $n.
                ',Canes,'.
                (1 + ($n % 9)).
                '.10,'.
                $n.
                ' cm'.
                str_repeat(',x', 195),
            range(1, 10_000),
        );
        $mapping = Samples::mapping(
            [
                'code' => FeedField::Item,
                'sku' => FeedField::Sku,
                'name' => FeedField::Title,
                'cost' => FeedField::Cost,
                'size' => FeedField::Option,
            ],
            DecimalSign::Point,
        );
        $run = $this->pull(implode(',', $header)."\n".implode("\n", $rows), $mapping);
        self::assertSame([RunState::Done, null], [$run->state, $run->trouble]);
        self::assertSame(10_000, SupplierItem::of($this->stall)->firstOrFail()->variants()->count());

        $connection = SupplierConnection::of($this->stall)->firstOrFail();
        \Illuminate\Support\Facades\Storage::put(
            (string) $connection->settings['file'],
            implode(',', $header)."\n".implode("\n", $rows)."\nALL,V-10001,Canes,1.10,x".str_repeat(',x', 195),
        );
        self::assertStringStartsWith(
            'More than 10,000 rows share the item code “ALL”',
            (string) app(StartPull::class)($connection, null)->refresh()->trouble,
        );
    }

    private function pull(string $bytes, Mapping $mapping): Run
    {
        return app(StartPull::class)($this->world->feed($this->stall, $bytes, $mapping), null)->refresh();
    }

    /** @param  array<string, string>  $files */
    private static function zip(array $files): string
    {
        $path = tempnam(sys_get_temp_dir(), 'zip') ?: throw new \RuntimeException();
        $zip = new \ZipArchive();
        $zip->open($path, \ZipArchive::OVERWRITE);
        foreach ($files as $name => $bytes) {
            str_ends_with($name, '/') ? $zip->addEmptyDir(rtrim($name, '/')) : $zip->addFromString($name, $bytes);
        }
        $zip->close();

        return (string) file_get_contents($path);
    }

    public function test_one_bad_byte_is_the_fault_of_its_row_and_leaves_the_others_as_they_are(): void
    {
        $file = $this->file(
            "sku;name;cost\nA-1;Gärtnerkelle;4.20\nA-2;Gie\xDFkanne;5.00\nA-3;Blumentöpfe, Körbe, Säcke;6.00\n",
        );
        $feed = new \WindowStall\Source\Feeds\CsvFeed($file);
        self::assertStringContainsString('in UTF-8', $feed->about());
        $rows = iterator_to_array($feed->rows());
        self::assertSame(['Gärtnerkelle', 'Blumentöpfe, Körbe, Säcke'], [$rows[2][1], $rows[4][1]]);
        self::assertTrue(\WindowStall\Core\Feeds\BrokenText::in($rows[3][1]));
        $read = new \WindowStall\Core\Feeds\ReadLine(
            new \WindowStall\Core\Feeds\Mapping(
                [
                    new \WindowStall\Core\Feeds\MappedColumn('sku', \WindowStall\Core\Feeds\FeedField::Sku),
                    new \WindowStall\Core\Feeds\MappedColumn('name', \WindowStall\Core\Feeds\FeedField::Title),
                    new \WindowStall\Core\Feeds\MappedColumn('cost', \WindowStall\Core\Feeds\FeedField::Cost),
                ],
                \WindowStall\Core\Feeds\DecimalSign::Point,
                true,
                'GBP',
                'GB',
            ),
            $feed->header(),
        );
        $reject = $read->read(3, $rows[3]);
        self::assertInstanceOf(\WindowStall\Core\Feeds\Reject::class, $reject);
        self::assertSame(
            [3, 'name', \WindowStall\Core\Feeds\BrokenText::REASON],
            [$reject->row, $reject->column, $reject->reason],
        );
    }

    public function test_utf_16_with_half_a_letter_is_refused_in_words(): void
    {
        $whole = "\xFF\xFE".mb_convert_encoding("sku;name;cost\nA-1;Trowel;4.20\n", 'UTF-16LE', 'UTF-8');
        foreach ([substr($whole, 0, -1), substr($whole, 0, 40)."\x3D\xD8".substr($whole, 40)] as $bytes) {
            try {
                iterator_to_array((new \WindowStall\Source\Feeds\CsvFeed($this->file($bytes)))->rows());
                self::fail('It was read.');
            } catch (\WindowStall\Source\Feeds\FeedTrouble $trouble) {
                self::assertStringContainsString('half a letter', $trouble->getMessage());
            }
        }
    }

    private function file(string $bytes): string
    {
        $path = tempnam(sys_get_temp_dir(), 'feed') ?: self::fail('no room');
        file_put_contents($path, $bytes);

        return $path;
    }
}
