<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Source\Feeds\Feed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\JsonFeed;
use WindowStall\Source\Feeds\OpenFeed;

/** However JSON is written: every record of it is read, or named. */
final class JsonFilesTest extends TestCase
{
    public function test_a_list_that_stands_before_the_variants_doesnt_hide_them(): void
    {
        $item = [
            'name' => 'Trowel',
            'pictures' => [['src' => 'https://a.example/1.jpg'], ['src' => 'https://a.example/2.jpg']],
            'ratings' => [['stars' => 5, 'by' => 'x', 'at' => '2026', 'words' => 'good', 'from' => 'GB']],
            'variants' => [['sku' => 'T-1', 'price' => '4.20'], ['sku' => 'T-2', 'price' => '4.60']],
        ];
        $feed = $this->feed((string) json_encode(['goods' => [$item]]));
        $rows = $this->rows($feed);
        self::assertCount(2, $rows);
        self::assertSame(['T-1', 'T-2'], array_column($rows, 'variants/sku'));
        self::assertSame('https://a.example/1.jpg|https://a.example/2.jpg', $rows[0]['pictures/src']);
        self::assertSame('good', $rows[1]['ratings/words']);
    }

    public function test_numbers_longer_than_a_machine_word_keep_their_digits(): void
    {
        $rows = $this->rows($this->feed('[{"sku": 12345678901234567890123, "price": 4.20}]'));
        self::assertSame('12345678901234567890123', $rows[0]['sku']);
    }

    #[TestWith(['[{"a": 1} {"a": 2}]', 'broken after record 1: a comma is expected'])]
    #[TestWith(['[{"a": 1},, {"a": 2}]', 'broken after record 1: a comma is expected'])]
    #[TestWith(['[{"a": 1}, {"a": 2}] and more', 'after the end of the JSON'])]
    #[TestWith(['[{"a": 1}, {"a": 2}] [{"a": 3}]', 'after the end of the JSON'])]
    #[TestWith(['{"goods": [{"a": 1}]}}', 'after the end of the JSON'])]
    #[TestWith(['{"goods": [{"a": 1}}', 'closes nothing'])]
    #[TestWith(['[{"a": 1}, {"a": 2}', 'breaks off in the middle'])]
    #[TestWith(['[{"a": 1}, {"a": tru}]', 'Record 2 isn’t right JSON'])]
    public function test_what_is_amiss_is_said(string $json, string $says): void
    {
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessageMatches('/'.preg_quote($says, '/').'/');
        $this->rows($this->feed($json));
    }

    public function test_signs_within_texts_part_nothing(): void
    {
        $goods = '[{"a": "],{ \" }", "b": 1}, {"a": "}", "b": 2}]';
        $rows = $this->rows($this->feed('{"note": "[{ ] }", "goods": '.$goods.'}'));
        self::assertSame(['],{ " }', '}'], array_column($rows, 'a'));
    }

    public function test_it_comes_to_the_same_in_pieces_of_any_size(): void
    {
        $item = static fn (int $n): array => ['sku' => 'R-'.$n, 'name' => str_repeat('"{,', $n % 50)];
        $goods = array_map($item, range(1, 4_000));
        $path = $this->path((string) json_encode(['before' => [1, 2], 'goods' => $goods, 'after' => ['x' => []]]));
        $read = [];
        foreach (JsonFeed::objectsIn($path) as $object) {
            $read[] = $object;
        }
        self::assertSame($goods, $read);
    }

    public function test_of_lines_a_broken_one_is_named_and_the_others_taken(): void
    {
        $lines = ['{"sku": "a", "price": "1"}', '', '{"sku": "b", "pri', '{"sku": "c", "price": "3"}'];
        $feed = $this->feed(implode("\n", $lines));
        $rows = array_values($this->rows($feed));
        self::assertSame(['a', 'c'], [$rows[0]['sku'], $rows[2]['sku']]);
        self::assertSame(BrokenText::REASON_JSON, BrokenText::reason($rows[1]['sku']));
        self::assertSame('{"sku": "b", "pri', BrokenText::shown($rows[1]['sku']));
    }

    #[TestWith(["{\"sku\": \"a\", \"price\": \"1\"}\n"])]
    #[TestWith(["\n\n{\"sku\": \"a\", \"price\": \"1\"}\n\n"])]
    public function test_a_single_line_is_one_record(string $file): void
    {
        $rows = $this->rows($this->feed($file));
        self::assertSame([['sku' => 'a', 'price' => '1']], array_values($rows));
    }

    public function test_of_two_lists_the_one_like_goods_is_read_and_the_other_offered(): void
    {
        $json = (string) json_encode([
            'shop' => ['news' => [['words' => 'Open on Sundays', 'since' => '2026']]],
            'goods' => [['sku' => 'R-1', 'price' => '4.20'], ['sku' => 'R-2', 'price' => '5.20']],
        ]);
        $feed = $this->feed($json);
        self::assertSame([['shop/news', 'goods'], 'goods'], [$feed->parts(), $feed->part()]);
        self::assertSame(['R-1', 'R-2'], array_column($this->rows($feed), 'sku'));
        self::assertSame('JSON, its list “goods”', $feed->about());
        $news = OpenFeed::at($this->path($json), 'shop/news');
        self::assertSame('Open on Sundays', $this->rows($news)[0]['words']);
        $this->expectExceptionMessage('The list “stock” isn’t in the file any more; it has “shop/news”, “goods”.');
        OpenFeed::at($this->path($json), 'stock');
    }

    public function test_a_column_met_late_is_told_of_and_read_the_next_time(): void
    {
        $goods = array_map(static fn (int $n): array => ['sku' => 'R-'.$n, 'price' => '4.20'], range(1, 230));
        $goods[219] += ['glaze' => 'Ash'];
        foreach ([json_encode($goods), implode("\n", array_map(json_encode(...), $goods))] as $bytes) {
            $feed = $this->feed((string) $bytes);
            self::assertSame(['sku', 'price'], $feed->header());
            $this->rows($feed);
            self::assertSame(['glaze' => 220], $feed->late());
            $again = OpenFeed::at($this->path((string) $bytes), late: ['glaze']);
            self::assertSame('Ash', $this->rows($again)[219]['glaze']);
            self::assertSame([], $again->late());
        }
    }

    private function path(string $bytes): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'json');
        file_put_contents($path, $bytes);
        register_shutdown_function(static fn () => @unlink($path));

        return $path;
    }

    private function feed(string $bytes): Feed
    {
        return OpenFeed::at($this->path($bytes));
    }

    /** @return list<array<string, string>> by column */
    private function rows(Feed $feed): array
    {
        $rows = [];
        foreach ($feed->rows() as $values) {
            $rows[] = array_combine($feed->header(), $values);
        }

        return $rows;
    }
}
