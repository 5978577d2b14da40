<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Source\Feeds\CsvFeed;
use WindowStall\Source\Feeds\FeedTrouble;

/** However a table is written: every row of it is read, or named. */
final class CsvFeedTest extends TestCase
{
    private const HEADER = 'Article;Name;Price;Stock';

    /** @return iterable<string, array{string, list<string>}> the file, and the names that are read from it */
    public static function tables(): iterable
    {
        $rows = ['R-1;Pot;4,20;3', 'R-2;Bowl;5,30;4', 'R-3;Jug;6,40;5'];
        $plain = [self::HEADER, ...$rows];
        yield 'LF' => [implode("\n", $plain), ['Pot', 'Bowl', 'Jug']];
        yield 'CR LF' => [implode("\r\n", $plain)."\r\n", ['Pot', 'Bowl', 'Jug']];
        yield 'CR alone' => [implode("\r", $plain)."\r", ['Pot', 'Bowl', 'Jug']];
        yield 'one lone CR among LF' => [
            self::HEADER."\n".$rows[0]."\r".$rows[1]."\n".$rows[2]."\n",
            ['Pot', 'Bowl', 'Jug'],
        ];
        yield 'a stray mark in a cell' => [
            self::HEADER."\nR-1;Pot 5\" wide;4,20;3\n".$rows[1]."\n".$rows[2],
            ['Pot 5" wide', 'Bowl', 'Jug'],
        ];
        yield 'many stray marks' => [
            self::HEADER."\n".implode("\n", array_map(static fn (int $n): string => "R-$n;Pot $n\";4,20;3", range(1, 29))),
            array_map(static fn (int $n): string => "Pot $n\"", range(1, 29)),
        ];
        yield 'a tab file with one mark' => [
            strtr(self::HEADER."\nR-1;5\";4,20;3\n".$rows[1], [';' => "\t"]),
            ['5"', 'Bowl'],
        ];
        yield 'a line end in a quoted cell' => [
            self::HEADER."\nR-1;\"Pot\nof clay\";4,20;3\n".$rows[1],
            ["Pot\nof clay", 'Bowl'],
        ];
        yield 'CR LF in a quoted cell' => [
            self::HEADER."\r\nR-1;\"Pot\r\nof clay\";4,20;3\r\n".$rows[1],
            ["Pot\nof clay", 'Bowl'],
        ];
        yield 'a doubled mark and a delimiter in a quoted cell' => [
            self::HEADER."\nR-1;\"Pot \"\"5\"\"; wide\";4,20;3",
            ['Pot "5"; wide'],
        ];
        yield 'a line that says the delimiter' => ["sep=;\n".implode("\n", $plain), ['Pot', 'Bowl', 'Jug']];
        yield 'that line in marks' => ["\"sep=;\"\r\n".implode("\r\n", $plain), ['Pot', 'Bowl', 'Jug']];
        yield 'a title above the header' => [
            "Price list of November\n".implode("\n", $plain),
            ['Pot', 'Bowl', 'Jug'],
        ];
        yield 'a title, a date and an empty line above it' => [
            "Price list;;;\nfrom;2026-11-26;;\n\n".implode("\n", $plain),
            ['Pot', 'Bowl', 'Jug'],
        ];
        yield 'empty lines between rows' => [
            self::HEADER."\n\n".$rows[0]."\n;;;\n".$rows[1]."\n\n\n".$rows[2]."\n",
            ['Pot', 'Bowl', 'Jug'],
        ];
        yield 'no line end at the end' => [implode("\n", [self::HEADER, $rows[0]]), ['Pot']];
        foreach (['UTF-16LE' => "\xFF\xFE", 'UTF-16BE' => "\xFE\xFF", 'UTF-32LE' => "\xFF\xFE\0\0", 'UTF-32BE' => "\0\0\xFE\xFF"] as $as => $mark) {
            yield $as => [
                $mark.mb_convert_encoding(self::HEADER."\nR-1;Größe 🌱;4,20;3\n".$rows[1], $as, 'UTF-8'),
                ['Größe 🌱', 'Bowl'],
            ];
        }
        yield 'Windows-1252' => [
            mb_convert_encoding(self::HEADER."\nR-1;Größe – groß;4,20;3", 'Windows-1252', 'UTF-8'),
            ['Größe – groß'],
        ];
    }

    /** @param  list<string>  $names */
    #[DataProvider('tables')]
    public function test_every_row_is_read(string $file, array $names): void
    {
        $feed = $this->feed($file);
        self::assertSame(['Article', 'Name', 'Price', 'Stock'], $feed->header());
        self::assertSame($names, array_column($this->rows($feed), 1));
    }

    public function test_a_mark_that_is_never_closed_costs_its_own_row_and_no_other(): void
    {
        $rows = array_map(static fn (int $n): string => "R-$n;\"Name $n\";4,20;3", range(1, 900));
        $rows[99] = 'R-100;"Name 100;4,20;3';
        $rows[199] = 'R-200;"Name 200;4,20;3';
        $read = $this->rows($this->feed(self::HEADER."\n".implode("\n", $rows)));
        self::assertCount(900, $read);
        $open = array_filter($read, static fn (array $row): bool => BrokenText::in($row[0]));
        self::assertSame([101, 201], array_keys($open), 'named by the rows they stand in');
        self::assertSame('Name 101', $read[102][1]);
    }

    public function test_where_no_other_mark_follows_all_rows_after_an_open_one_are_read_too(): void
    {
        $rows = array_map(static fn (int $n): string => "R-$n;Name $n;4,20;3", range(1, 2_000));
        $rows[4] = 'R-5;"Name 5;4,20;3';
        $read = $this->rows($this->feed(self::HEADER."\n".implode("\n", $rows)));
        self::assertCount(2_000, $read);
        self::assertTrue(BrokenText::in($read[6][0]));
        self::assertSame('Name 2000', $read[2001][1]);
    }

    public function test_a_file_that_breaks_off_within_a_quoted_cell_says_so(): void
    {
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessage('The file breaks off in row 3: a quotation mark is open.');
        $this->rows($this->feed(self::HEADER."\nR-1;\"Pot\";4,20;3\nR-2;\"Bo"));
    }

    #[TestWith(["\xFF\xFEa"], 'an odd byte')]
    #[TestWith(["\xFF\xFEA\0;\0B\0\n\0\x3D\xD8"], 'half of a pair')]
    #[TestWith(["\xFF\xFEA\0;\0B\0\n\0\x00\xDCx\0"], 'the second half of a pair alone')]
    #[TestWith(["\xFF\xFE\0\0A\0\0\0;\0\0"], 'UTF-32 that ends within a letter')]
    public function test_half_a_letter_is_said_in_words(string $file): void
    {
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessageMatches('/half a letter near row \d.*Save it again as UTF-8\.$/');
        $this->rows($this->feed($file));
    }

    public function test_rows_are_counted_as_they_stand_whatever_the_chunks_they_come_in(): void
    {
        $rows = array_map(
            static fn (int $n): string => "R-$n;".str_repeat(chr(97 + $n % 26), $n % 977).";4,20;$n",
            range(1, 4_000),
        );
        foreach (["\n", "\r\n", "\r"] as $end) {
            $read = $this->rows($this->feed(self::HEADER.$end.implode($end, $rows).$end));
            self::assertSame(range(2, 4_001), array_keys($read));
            self::assertSame(array_map(strval(...), range(1, 4_000)), array_values(array_column($read, 3)));
        }
    }

    public function test_some_rows_are_those_rows(): void
    {
        $feed = $this->feed(self::HEADER."\nR-1;\"a\nb\";1;1\nR-2;5\";2;2\nR-3;c;3;3\n");
        $some = iterator_to_array((static fn (): \Generator => yield from $feed->some([3, 4]))());
        self::assertSame([3 => ['R-2', '5"', '2', '2'], 4 => ['R-3', 'c', '3', '3']], $some);
    }

    public function test_a_row_that_nobody_can_end_is_refused(): void
    {
        $this->expectException(FeedTrouble::class);
        $this->expectExceptionMessage('is longer than');
        $this->rows($this->feed(self::HEADER."\n".str_repeat('x', 2_000_000)));
    }

    private function feed(string $bytes): CsvFeed
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'csv');
        file_put_contents($path, $bytes);
        register_shutdown_function(static fn () => @unlink($path));

        return new CsvFeed($path);
    }

    /** @return array<int, list<string>> by number */
    private function rows(CsvFeed $feed): array
    {
        $rows = [];
        foreach ($feed->rows() as $number => $values) {
            $rows[$number] = $values;
        }

        return $rows;
    }
}
