<?php

declare(strict_types=1);

namespace WindowStall\Bench\Carrying;

use WindowStall\Source\Feeds\CsvFeed;
use WindowStall\Source\Feeds\FeedTrouble;
use WindowStall\Source\Feeds\JsonFeed;
use WindowStall\Source\Feeds\TableReading;
use WindowStall\Support\Cell;

/**
 * A file of listings as they go out from here, read listing by listing: never more than one of them in memory.
 *
 * @phpstan-type Record array{
 *     row: int, listing: array<string, string>, variants: list<array{row: int, cells: array<string, string>}>,
 * }
 */
final readonly class ListingFile
{
    /**
     * Where the word that says what a JSON file is has to stand: within so many bytes from its beginning or its end.
     */
    private const HEAD = 65_536;

    private function __construct(private string $path, private bool $json)
    {
    }

    /** @throws FeedTrouble when the file can't be read as listings at all */
    public static function at(string $path): self
    {
        $head = (string) file_get_contents($path, length: self::HEAD);
        $start = ltrim($head, "\xEF\xBB\xBF \t\r\n");
        if ($start === '') {
            throw FeedTrouble::because('The file is empty.');
        }
        $file = new self($path, $start[0] === '{');
        $file->json ? $file->checkJson($head) : $file->csv();

        return $file;
    }

    /** @return \Generator<int, Record> */
    public function records(): \Generator
    {
        return $this->json ? $this->jsonRecords() : $this->csvRecords();
    }

    /** How many listings are in it; reads it through. */
    public function count(): int
    {
        return iterator_count($this->records());
    }

    private function checkJson(string $head): void
    {
        $tail = (string) file_get_contents($this->path, offset: max(0, (int) filesize($this->path) - self::HEAD));
        $says = '/"format"\s*:\s*"window-stall\\\\?\/listings"/';
        if (preg_match($says, $head.$tail) !== 1 || preg_match('/"listings"\s*:\s*\[/', $head.$tail) !== 1) {
            throw FeedTrouble::because(
                'This isn’t a file of listings as they go out from here: {"format": "window-stall/listings", '.
                    '"listings": […]} is expected.',
            );
        }
    }

    private function csv(): CsvFeed
    {
        $feed = new CsvFeed($this->path, self::delimiter($this->path));
        if (! in_array('listing', $feed->header(), true) || ! in_array('variant', $feed->header(), true)) {
            throw FeedTrouble::because(
                'This isn’t a table of listings as they go out from here: the columns “listing” and “variant” are '.
                    'missing.',
            );
        }

        return $feed;
    }

    /**
     * By the head, whose names are known: what stands in the cells is anybody's, and may look like any other table.
     *
     * @return non-empty-string|null null where the head isn't in the first line as it stands
     */
    private static function delimiter(string $path): ?string
    {
        $lines = fopen($path, 'rb');
        $head = $lines === false ? '' : rtrim((string) fgets($lines, self::HEAD), "\r\n");
        foreach (array_keys(TableReading::DELIMITERS) as $delimiter) {
            $names = str_getcsv(preg_replace('/^\xEF\xBB\xBF/', '', $head) ?? '', $delimiter, '"', '');
            if (in_array('listing', $names, true) && in_array('variant', $names, true)) {
                return $delimiter;
            }
        }

        return null;
    }

    /** @return \Generator<int, Record> rows of one listing that follow each other are one record */
    private function csvRecords(): \Generator
    {
        $feed = $this->csv();
        $record = null;
        $last = null;
        foreach ($feed->rows() as $number => $values) {
            $cells = array_map(Cell::unsafe(...), array_combine($feed->header(), $values));
            $key = $cells['listing'].'|'.($cells['supplier'] ?? '').'|'.($cells['item'] ?? '');
            if ($record !== null && $key !== $last) {
                yield $record;
                $record = null;
            }
            $record ??= ['row' => $number, 'listing' => $cells, 'variants' => []];
            $record['variants'][] = ['row' => $number, 'cells' => $cells];
            $last = $key;
        }
        if ($record !== null) {
            yield $record;
        }
    }

    /** @return \Generator<int, Record> */
    private function jsonRecords(): \Generator
    {
        $row = 0;
        foreach (JsonFeed::objectsIn($this->path) as $listing) {
            $row++;
            $variants = array_values(array_filter((array) ($listing['variants'] ?? []), is_array(...)));
            if (is_array($listing['tags'] ?? null)) {
                $listing['tags'] = implode(', ', array_filter($listing['tags'], is_string(...)));
            }
            yield [
                'row' => $row,
                'listing' => self::cells($listing, ['recipe', 'together']),
                'variants' => array_map(
                    static fn (array $v): array => ['row' => $row, 'cells' => self::cells($v, ['variant_recipe'])],
                    $variants,
                ),
            ];
        }
    }

    /**
     * @param  array<mixed>  $row
     * @param  list<string>  $written  columns whose values are written as programs send them
     * @return array<string, string>
     */
    private static function cells(array $row, array $written): array
    {
        $cells = [];
        foreach ($row as $name => $value) {
            if (in_array($name, $written, true) && is_array($value)) {
                $cells[(string) $name] = ListingRecords::cell($value);
            } elseif ($value === null || is_scalar($value)) {
                $cells[(string) $name] = is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
            }
        }

        return $cells;
    }
}
