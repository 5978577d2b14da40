<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\OpenFeed;

/** Nothing is misread without a word: rows seen are rows used and rows left out by name. */
final class MisreadTest extends TestCase
{
    private string $path;

    protected function setUp(): void
    {
        $this->path = sys_get_temp_dir().'/misread-'.bin2hex(random_bytes(6));
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob($this->path.'*') ?: []);
    }

    public function test_a_row_with_more_cells_than_columns_is_left_out_by_name(): void
    {
        $rows = $this->rows("sku,title,cost,stock\nA1,Rope,4.10,3\nA2,Rope 2,5,1.00,2\nA3,Twine,3.20,4,,\n");
        self::assertSame(['A1', 'Rope', '4.10', '3'], $rows[2]);
        self::assertSame(BrokenText::REASON_TOO_WIDE, BrokenText::reason($rows[3][0]));
        self::assertSame('A2,Rope 2,5,1.00,2', BrokenText::shown($rows[3][0]));
        self::assertSame(['A3', 'Twine', '3.20', '4'], $rows[4], 'empty cells beyond the last say nothing');
    }

    public function test_where_most_rows_are_so_the_decimal_sign_is_asked_about(): void
    {
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessageMatches('/more cells than the 4 columns.*decimal comma/s');
        $this->rows("sku,title,cost,stock\nA1,Rope,4,20,3\nA2,Twine,3,10,4\nA3,Cord,2,00,1\n");
    }

    public function test_words_of_several_lines_dont_make_another_sign_part_the_cells(): void
    {
        $words = "\"<p>Soft; light; warm</p>\n<ul><li>one; two</li>\n<li>three; four</li>\n<li>five; six</li></ul>\"";
        $feed = $this->feed("sku,title,description,cost\nA1,Gloves,$words,4.20\n");
        self::assertSame(['sku', 'title', 'description', 'cost'], $feed->header());
        self::assertSame('4.20', $this->all($feed)[2][3]);
        $few = $this->feed("Artikel;Name;Text;Preis\nB1;Topf;\"Rund, tief,\nalt, schön,\nfein, groß\";4,20\n");
        self::assertSame(['Artikel', 'Name', 'Text', 'Preis'], $few->header());
    }

    public function test_some_rows_in_another_encoding_dont_turn_the_others_into_signs(): void
    {
        $rows = $this->rows("sku;title\nA1;Crème\nA2;Brûlée\nA3;Soufflé\nA4;Cr\xE8me\n");
        self::assertSame(['Crème', 'Brûlée', 'Soufflé'], array_column(array_slice($rows, 0, 3), 1));
        self::assertSame(BrokenText::REASON, BrokenText::reason($rows[5][1]), 'the odd one is named');
        self::assertSame('Crème', $this->rows("sku;title\nA1;Cr\xE8me\nA2;Br\xFBl\xE9e\n")[2][1]);
    }

    public function test_a_nul_far_into_a_file_doesnt_vanish(): void
    {
        $many = implode("\n", array_map(static fn (int $n): string => "A$n;Rope and twine and cord $n", range(1, 4_000)));
        $rows = $this->rows("sku;title\n".$many."\nZ1;Ro\0pe\n");
        self::assertSame(BrokenText::REASON_NUL, BrokenText::reason($rows[4_002][1]));
    }

    public function test_the_sign_that_ends_files_of_old_programs_is_no_data(): void
    {
        self::assertSame([2 => ['A1', 'Rope']], $this->rows("sku;title\r\nA1;Rope\r\n\x1A"));
        self::assertSame([2 => ['A1', 'Rope']], $this->rows("sku;title\r\nA1;Rope\x1A"));
    }

    public function test_numbers_of_json_keep_how_they_are_written(): void
    {
        $rows = $this->named('[{"sku":1.10,"id":1e5,"ean":012,"cost":4.20,"note":"5 1e5 \"7\" 8"},{"sku":-3,"id":0}]');
        self::assertSame(['1.10', '1e5', '012', '4.20', '5 1e5 "7" 8'], array_values($rows[1]));
        self::assertSame(['-3', '0'], [$rows[2]['sku'], $rows[2]['id']]);
        self::assertSame('1.10', $this->named("{\"sku\":1.10,\"t\":\"a\"}\n{\"sku\":2,\"t\":\"b\"}\n")[1]['sku']);
    }

    public function test_records_that_are_empty_or_something_else_keep_their_numbers_and_are_named(): void
    {
        $rows = $this->rows('[{"sku":"A","t":"x"},{},[{"sku":"B","t":"y"}],{"sku":"C","t":"z"}]');
        self::assertSame([1, 2, 3, 4], array_keys($rows));
        self::assertSame(['', ''], $rows[2]);
        self::assertSame(BrokenText::REASON_NO_RECORD, BrokenText::reason($rows[3][0]));
        self::assertSame('C', $rows[4][0]);

        $odd = $this->rows('[{"name":"Rope","variants":["odd",{"sku":"A-1","cost":"4"}]},{"name":"B","variants":[{"sku":"B-1"}]}]');
        self::assertCount(3, $odd);
        self::assertSame(BrokenText::REASON_NO_RECORD, BrokenText::reason($odd[1][0]));
        self::assertContains('A-1', $odd[2]);
    }

    public function test_a_broken_first_line_is_named_and_the_others_are_taken(): void
    {
        $rows = $this->rows("{\"sku\":\"A\",\"t\":\n{\"sku\":\"B\",\"t\":\"y\"}\n{\"sku\":\"C\",\"t\":\"z\"}\n");
        self::assertSame(BrokenText::REASON_JSON, BrokenText::reason($rows[1][0]));
        self::assertSame(['B', 'C'], [$rows[2][0], $rows[3][0]]);
    }

    public function test_xml_goods_under_several_parents_are_all_read(): void
    {
        $item = static fn (string $sku): string => "<item><sku>$sku</sku><title>Pot</title><price>4.20</price></item>";
        $rows = $this->named('<shop><garden>'.$item('A').$item('B').'</garden><kitchen>'.$item('C').'</kitchen></shop>');
        self::assertSame(['A', 'B', 'C'], array_column($rows, 'sku'));
        $single = $this->named('<shop><garden>'.$item('A').'</garden><kitchen>'.$item('C').'</kitchen></shop>');
        self::assertSame(['A', 'C'], array_column($single, 'sku'));
    }

    public function test_xml_goods_after_very_many_other_elements_are_found(): void
    {
        $notes = str_repeat('<note><d/></note>', 12_000);
        $goods = '<goods><sku>A</sku><title>Pot</title><price>4.20</price></goods>';
        $rows = $this->named("<list><notes>$notes</notes><all>$goods".str_replace('>A<', '>B<', $goods).'</all></list>');
        self::assertSame(['A', 'B'], array_column($rows, 'sku'));
    }

    public function test_an_article_number_keeps_the_noughts_that_a_sheet_shows(): void
    {
        file_put_contents($this->path, Spreadsheet::of(['Goods' => [
            1 => Spreadsheet::words('SKU', 'Name', 'Cost'),
            2 => '<c r="A2" s="3"><v>123</v></c><c r="B2" t="inlineStr"><is><t>Rope</t></is></c><c r="C2"><v>4</v></c>',
        ]], instead: [
            'xl/styles.xml' => '<styleSheet><numFmts><numFmt numFmtId="171" formatCode="00000"/></numFmts><cellXfs>'.
                '<xf numFmtId="0"/><xf numFmtId="0"/><xf numFmtId="0"/><xf numFmtId="171"/></cellXfs></styleSheet>',
        ]));
        self::assertSame('00123', $this->all(OpenFeed::at($this->path))[2][0]);
    }

    /** @return iterable<string, array{\Closure(): string, string}> */
    public static function bombs(): iterable
    {
        yield 'XML, an element with very many attributes' => [
            static fn (): string => '<list><goods '.implode(' ', array_map(
                static fn (int $n): string => "a$n=\">\"",
                range(1, 200_000),
            )).'><sku>1</sku></goods></list>',
            'very many attributes',
        ];
        yield 'XML, a record of very many elements' => [
            static fn (): string => '<list><goods><sku>1</sku>'.str_repeat('<a/>', 2_000_000).'</goods><goods/></list>',
            'more elements than goods have',
        ];
        yield 'JSON, a record of very many lists' => [
            static fn (): string => '[{"a":['.str_repeat('[],', 1_900_000).'[]]}]',
            'more lists and values',
        ];
        yield 'NDJSON, a line of very many lists' => [
            static fn (): string => '{"a":['.str_repeat('[],', 1_000_000).'[]]}'."\n{\"a\":1}\n",
            'more lists and values',
        ];
    }

    /** @param  \Closure(): string  $file */
    #[DataProvider('bombs')]
    public function test_what_would_fill_the_memory_is_counted_before_it_is_unfolded(\Closure $file, string $says): void
    {
        file_put_contents($this->path, $file());
        $before = memory_get_usage();
        memory_reset_peak_usage();
        try {
            $this->all(OpenFeed::at($this->path));
            self::fail('It was read.');
        } catch (FeedTrouble $trouble) {
            self::assertStringContainsString($says, $trouble->getMessage());
        }
        self::assertLessThan(64 * 1_048_576, memory_get_peak_usage() - $before);
    }

    #[TestWith(['<goods><sku>A</sku><words>%s</words></goods>'])]
    #[TestWith(['<goods><sku>A</sku><words><![CDATA[%s]]></words></goods>'])]
    public function test_long_words_are_no_long_tag(string $goods): void
    {
        $long = str_repeat('Warm and soft. "x" \'y ', 15_000);
        $rows = $this->named('<list>'.sprintf($goods, $long).sprintf($goods, 'short').'</list>');
        self::assertSame(trim($long), trim($rows[1]['words']));
    }

    private function feed(string $bytes): Feed
    {
        file_put_contents($this->path, $bytes);

        return OpenFeed::at($this->path);
    }

    /** @return array<int, list<string>> */
    private function rows(string $bytes): array
    {
        return $this->all($this->feed($bytes));
    }

    /** @return array<int, array<string, string>> */
    private function named(string $bytes): array
    {
        $feed = $this->feed($bytes);

        return array_map(
            static fn (array $row): array => array_combine($feed->header(), $row),
            $this->all($feed),
        );
    }

    /** @return array<int, list<string>> */
    private function all(Feed $feed): array
    {
        $rows = [];
        foreach ($feed->rows() as $number => $row) {
            $rows[$number] = $row;
        }

        return $rows;
    }
}
