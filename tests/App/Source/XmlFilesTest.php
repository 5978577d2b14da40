<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Source\Feeds\OpenFeed;

/** However XML is dressed: its goods are found, and their fields have the names a person would say. */
final class XmlFilesTest extends TestCase
{
    private const POT = '<sku>P-1</sku><title>Pot</title><price>4.20</price>';

    private const CAN = '<sku>C-1</sku><title>Can</title><price>9.00</price>';

    private const GOODS = [
        ['sku' => 'P-1', 'title' => 'Pot', 'price' => '4.20'],
        ['sku' => 'C-1', 'title' => 'Can', 'price' => '9.00'],
    ];

    /** @return iterable<string, array{string, 1?: list<array<string, string>>}> */
    public static function dresses(): iterable
    {
        $pot = self::POT;
        $can = self::CAN;
        $prefixed = static fn (string $fields): string => (string) preg_replace('#<(/?)#', '<$1g:', $fields);
        yield 'plain' => ["<list><goods>$pot</goods><goods>$can</goods></list>"];
        yield 'prefixed as a whole' => [
            '<g:list xmlns:g="urn:goods"><g:goods>'.$prefixed($pot).'</g:goods><g:goods>'.$prefixed($can).
                '</g:goods></g:list>',
        ];
        yield 'a prefix that nobody declared' => [
            '<list><goods>'.$prefixed($pot).'</goods><goods>'.$prefixed($can).'</goods></list>',
        ];
        yield 'a name with two prefixes' => [
            '<rss xmlns:g="urn:goods"><channel><title>All</title><item><title>Our pot</title>'.$prefixed($pot).
                '</item><item><title>Our can</title>'.$prefixed($can).'</item></channel></rss>',
            [
                ['title' => 'Our pot', 'sku' => 'P-1', 'g:title' => 'Pot', 'price' => '4.20'],
                ['title' => 'Our can', 'sku' => 'C-1', 'g:title' => 'Can', 'price' => '9.00'],
            ],
        ];
        $ways = '<ways><a><days>2</days></a><a><days>5</days></a></ways>';
        yield 'another list before, by the alphabet and in the file' => [
            "<r>$ways<z><goods>$pot</goods><goods>$can</goods></z></r>",
        ];
        yield 'another list at the same depth' => ["<r><a><b>1</b></a><a><b>2</b></a><z>$pot</z><z>$can</z></r>"];
        yield 'the same name in another list' => [
            "<r><kinds><item><label>x</label></item><item><label>y</label></item></kinds><goods><item>$pot</item>".
                "<item>$can</item></goods></r>",
        ];
        yield 'a single item with several pictures' => [
            "<list><made>today</made><goods>$pot<picture>1.jpg</picture><picture>2.jpg</picture></goods></list>",
            [self::GOODS[0] + ['picture' => '1.jpg|2.jpg']],
        ];
        yield 'words with tags among them' => [
            "<list><goods>$pot<about>A <b>fine</b>\n pot</about></goods><goods>$can<about><![CDATA[<i>no]]></about>".
                '</goods></list>',
            [self::GOODS[0] + ['about' => 'A fine pot'], self::GOODS[1] + ['about' => '<i>no']],
        ];
        yield 'an amount with its currency beside' => [
            '<list><goods><sku>P-1</sku><price cur="GBP">4.20</price></goods><goods><sku>C-1</sku></goods></list>',
            [
                ['sku' => 'P-1', 'price/@cur' => 'GBP', 'price/.' => '4.20'],
                ['sku' => 'C-1', 'price/@cur' => '', 'price/.' => ''],
            ],
        ];
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF"] as $encoding => $mark) {
            $text = "<?xml version=\"1.0\" encoding=\"UTF-16\"?><list><goods>$pot</goods><goods>$can</goods></list>";
            yield $encoding => [$mark.mb_convert_encoding($text, $encoding, 'UTF-8')];
        }
    }

    public function test_another_list_is_offered_and_read_where_it_is_chosen(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'xml');
        file_put_contents($path, '<shop><areas><area><name>GB</name><days>3</days></area><area><name>IE</name><days>5</days>'.
            '</area></areas><goods><item><sku>P-1</sku><price>4</price></item><item><sku>P-2</sku><price>5</price></item>'.
            '</goods></shop>');
        try {
            $feed = OpenFeed::at($path);
            self::assertSame(
                [['shop/areas/area', 'shop/goods/item'], 'shop/goods/item'],
                [$feed->parts(), $feed->part()],
            );
            $areas = OpenFeed::at($path, 'shop/areas/area');
            self::assertSame(['GB', '3'], iterator_to_array($areas->rows(), false)[0]);
        } finally {
            unlink($path);
        }
    }

    /** @param  list<array<string, string>>  $goods */
    #[DataProvider('dresses')]
    public function test_its_goods_are_found_and_named(string $bytes, array $goods = self::GOODS): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'xml');
        file_put_contents($path, $bytes);
        try {
            $feed = OpenFeed::at($path);
            $rows = [];
            foreach ($feed->rows() as $values) {
                $rows[] = array_combine($feed->header(), $values);
            }
        } finally {
            unlink($path);
        }
        self::assertEquals($goods, $rows);
    }
}
