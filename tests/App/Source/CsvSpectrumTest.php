<?php

declare(strict_types=1);

namespace WindowStall\Tests\App\Source;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use WindowStall\Source\Feeds\CsvFeed;

/** Edge cases of CSV as others collected them: the npm package csv-spectrum, each file with what it holds as JSON. */
final class CsvSpectrumTest extends TestCase
{
    private const FILES = __DIR__.'/../../../node_modules/csv-spectrum/';

    /** Its JSON tells other figures than its CSV, and a letter in neither UTF-8 nor Windows-1252. */
    private const CONTRADICTS_ITSELF = 'location_coordinates';

    /** @return iterable<string, array{string}> */
    public static function names(): iterable
    {
        foreach (glob(self::FILES.'json/*.json') ?: [] as $file) {
            $name = basename($file, '.json');
            if ($name !== self::CONTRADICTS_ITSELF) {
                yield $name => [$name];
            }
        }
    }

    #[DataProvider('names')]
    public function test_each_case_reads_as_its_collector_says(string $name): void
    {
        $feed = new CsvFeed(self::FILES."csvs/{$name}.csv");
        $rows = [];
        foreach ($feed->rows() as $row) {
            $rows[] = array_combine($feed->header(), $row);
        }
        $said = (string) file_get_contents(self::FILES."json/{$name}.json");
        // A line's end within a cell is LF from here on, however the file writes it.
        self::assertSame(json_decode(str_replace('\r\n', '\n', $said), true), $rows);
    }

    public function test_the_one_that_contradicts_itself_loses_no_cell(): void
    {
        $feed = new CsvFeed(self::FILES.'csvs/'.self::CONTRADICTS_ITSELF.'.csv');
        $rows = iterator_to_array($feed->rows(), false);
        self::assertSame(['2095257564', 'Modesto', 'Stanislaus'], [$rows[0][0], $rows[0][2], $rows[0][3]]);
        self::assertStringEndsWith('17.9"W', $rows[0][1]);
    }
}
