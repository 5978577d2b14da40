<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\ColumnNames;

/** CSV and its kin: any delimiter, quoted newlines (RFC 4180), UTF-8, UTF-16, UTF-32 or Windows-1252. */
final readonly class CsvFeed implements Feed
{
    use OnePart;

    /** Lines that are looked at to tell the delimiter and the header. */
    private const SAMPLE = 200;

    private const SAMPLE_ROWS = 30;

    /** Rows that may stand above the header: a title, a date, an address. */
    private const ABOVE = 12;

    private string $encoding;

    /** @var non-empty-string */
    private string $delimiter;

    /** The row that the columns are named in; 0 where none is. */
    private int $headerRow;

    /** @var list<string> */
    private array $header;

    /**
     * @param  non-empty-string|null  $delimiter  where it is known
     * @param  TableReading  $as  what a person says of it
     *
     * @throws FeedTrouble
     */
    public function __construct(
        private string $path,
        ?string $delimiter = null,
        TableReading $as = new TableReading(),
    ) {
        $this->encoding = $this->encoding($as->encoding);
        $lines = $this->sample();
        $said = preg_match('/^"?sep=([;,\t|~^])"?$/iD', $lines[0] ?? '', $m) === 1 ? $m[1] : null;
        $this->delimiter = $as->delimiter ?? $delimiter ?? $said ?? self::delimiter($lines);
        $rows = self::rowsOf($said === null ? $lines : array_slice($lines, 1), $this->delimiter);
        $this->headerRow = $as->head ?? self::headerIn($rows, $this->delimiter) + ($said === null ? 0 : 1);
        $this->header = Header::names(
            $this->headerRow === 0
                ? array_fill(0, self::widest($rows, $this->delimiter), '')
                : self::cells($this->record($this->headerRow), $this->delimiter),
        );
        if ($delimiter === null) {
            $this->refuseShifted($said === null ? $rows : ['', ...$rows]);
        }
    }

    public function about(): string
    {
        return sprintf(
            'a table parted by %s, in %s%s',
            TableReading::DELIMITERS[$this->delimiter],
            $this->encoding,
            match ($this->headerRow) {
                0 => ', its columns without names',
                1 => '',
                default => sprintf(', its columns named in row %d', $this->headerRow),
            },
        );
    }

    /** How it is read: what was said, and what the file itself showed. */
    public function reading(): TableReading
    {
        return new TableReading($this->delimiter, $this->encoding, $this->headerRow);
    }

    public function header(): array
    {
        return $this->header;
    }

    public function rows(): iterable
    {
        foreach ($this->goods() as $number => $record) {
            yield $number => $this->values($record);
        }
    }

    /** @return \Generator<int, string> rows under the header with anything in them, by number */
    private function goods(): \Generator
    {
        foreach ($this->records() as $number => $record) {
            if ($number > $this->headerRow && $this->says($record)) {
                yield $number => $record;
            }
        }
    }

    public function some(iterable $numbers): iterable
    {
        // What isn't wanted needn't be looked into.
        foreach (Picked::of($this->asTheyStand(), $numbers) as $number => $record) {
            $record = $this->utf8($record);
            if ($number > $this->headerRow && $this->says($record)) {
                yield $number => $this->values($record);
            }
        }
    }

    private function says(string $record): bool
    {
        return trim($record, " \t\r\n".$this->delimiter) !== '';
    }

    /** @return list<string> */
    private function values(string $record): array
    {
        $width = count($this->header);
        if (str_starts_with($record, BrokenText::OPEN_QUOTE)) {
            return array_pad([$record], $width, '');
        }
        $values = self::cells($record, $this->delimiter);

        if (self::tooWide($values, $width)) {
            return array_pad([BrokenText::TOO_WIDE.$record], $width, '');
        }

        return count($values) === $width ? $values : array_slice(array_pad($values, $width, ''), 0, $width);
    }

    /**
     * Whether something stands beyond the last column that has a name: whose it is nobody can tell.
     *
     * @param  list<string>  $values
     */
    private static function tooWide(array $values, int $width): bool
    {
        return count($values) > $width && trim(implode('', array_slice($values, $width))) !== '';
    }

    /**
     * Where most rows are too wide it is the file that is amiss, and no row of it can be trusted.
     *
     * @param  list<string>  $rows  the first, with those above the header
     */
    private function refuseShifted(array $rows): void
    {
        $goods = array_filter(array_slice($rows, $this->headerRow), $this->says(...));
        $width = count($this->header);
        $wide = array_filter(
            $goods,
            fn (string $row): bool => self::tooWide(self::cells($row, $this->delimiter), $width),
        );
        if (count($wide) * 2 > count($goods) && count($wide) > 1) {
            throw FeedTrouble::because(
                sprintf(
                    'Most rows have more cells than the %d columns that are named. Are its amounts written with a decimal '.
                        'comma, and its cells parted by commas, too? Save it with semicolons between the cells.',
                    $width,
                ),
            );
        }
    }

    /**
     * @param  non-empty-string  $delimiter
     * @return list<string>
     */
    private static function cells(string $record, string $delimiter): array
    {
        // Most rows hold no quotation mark; parting those is ten times as quick.
        return str_contains($record, '"')
            ? array_map(strval(...), str_getcsv($record, $delimiter, '"', ''))
            : explode($delimiter, $record);
    }

    /** @return \Generator<int, string> rows by number as they stand in the file, in UTF-8 */
    private function records(): \Generator
    {
        foreach ($this->asTheyStand() as $number => $record) {
            yield $number => $this->utf8($record);
        }
    }

    /** @return \Generator<int, string> rows by number, in the file's own encoding where that is of one byte a letter */
    private function asTheyStand(): \Generator
    {
        return (new CsvRows($this->delimiter))->of((new TextLines($this->path))->all());
    }

    private function record(int $wanted): string
    {
        foreach ($this->records() as $number => $record) {
            if ($number === $wanted) {
                return $record;
            }
        }

        return '';
    }

    /** @return list<string> the first lines, in UTF-8 */
    private function sample(): array
    {
        $lines = [];
        foreach ((new TextLines($this->path))->all() as $line) {
            $lines[] = $this->utf8($line);
            if (count($lines) === self::SAMPLE) {
                break;
            }
        }

        return $lines;
    }

    private function utf8(string $record): string
    {
        return match (true) {
            $this->encoding === 'Windows-1252' => mb_convert_encoding($record, 'UTF-8', 'Windows-1252'),
            mb_check_encoding($record, 'UTF-8') => $record,
            // A bad byte is the fault of its row, which is named, not of the file.
            default => self::marked($record),
        };
    }

    private static function marked(string $record): string
    {
        $before = mb_substitute_character();
        mb_substitute_character(mb_ord(BrokenText::SIGN, 'UTF-8'));
        $scrubbed = mb_scrub($record, 'UTF-8');
        mb_substitute_character($before);

        return $scrubbed;
    }

    private function encoding(?string $said): string
    {
        $start = (string) file_get_contents($this->path, length: 262_144);
        $marked = TextLines::marked($start);
        if ($marked !== null && $marked !== 'UTF-8') {
            return $marked;
        }
        if ($said !== null) {
            return $said;
        }
        // The sample may end within a letter.
        $whole = preg_replace('/[\xC0-\xFF][\x80-\xBF]{0,3}$/', '', $start) ?? $start;
        if (preg_match('//u', $whole) === 1) {
            return 'UTF-8';
        }
        // Lines whose letters of several bytes all fit are hardly chance; of the others it is told row by row what is amiss.
        $fit = $strange = 0;
        foreach (preg_split('/[\r\n]+/', $whole) ?: [] as $line) {
            if (preg_match('/[\x80-\xFF]/', $line) === 1) {
                preg_match('//u', $line) === 1 ? $fit++ : $strange++;
            }
        }

        return str_starts_with($start, "\xEF\xBB\xBF") || $fit >= $strange ? 'UTF-8' : 'Windows-1252';
    }

    /**
     * The one that cuts the largest share of rows into as many columns as most have, under a header that names goods, and
     * leaves no quotation mark open; of equals the one with more columns.
     *
     * @param  list<string>  $lines
     * @return non-empty-string
     */
    private static function delimiter(array $lines): string
    {
        $best = ',';
        $most = 0.0;
        foreach (array_keys(TableReading::DELIMITERS) as $delimiter) {
            $rows = array_slice(self::rowsOf($lines, $delimiter), 0, self::SAMPLE_ROWS);
            $open = count(array_filter(
                $rows,
                static fn (string $row): bool => str_starts_with($row, BrokenText::OPEN_QUOTE),
            ));
            $counts = array_map(static fn (string $row): int => count(self::cells($row, $delimiter)), $rows);
            $columns = self::usual($counts);
            $even = count(array_filter($counts, static fn (int $n): bool => $n === $columns));
            $head = self::cells($rows === [] ? '' : $rows[self::headerIn($rows, $delimiter) - 1], $delimiter);
            $score = $columns < 2
                ? 0.0
                : ($even - $open) / count($rows) + min(ColumnNames::likeGoods($head), 5.0) / 5 + min($columns, 99) / 1_000;
            if ($score > $most) {
                [$best, $most] = [$delimiter, $score];
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $lines
     * @param  non-empty-string  $delimiter
     * @return list<string>
     */
    private static function rowsOf(array $lines, string $delimiter): array
    {
        $rows = [];
        try {
            foreach ((new CsvRows($delimiter))->of($lines) as $row) {
                $rows[] = $row;
            }
        } catch (FeedTrouble) {
            // The sample ends within a quoted cell; whether the file does is told when it is read.
        }

        return $rows;
    }

    /**
     * The first row, unless it is a title: then the first of those below it that is as wide as most.
     *
     * @param  list<string>  $rows
     * @param  non-empty-string  $delimiter
     * @return int from 1
     */
    private static function headerIn(array $rows, string $delimiter): int
    {
        $filled = array_map(
            static fn (string $row): int => count(array_filter(
                self::cells($row, $delimiter),
                static fn (string $cell): bool => trim($cell) !== '',
            )),
            $rows,
        );
        $usual = self::usual(array_values(array_filter($filled)));
        foreach (array_slice($filled, 0, self::ABOVE) as $n => $cells) {
            // A title stands alone in its row; a header names nearly every column.
            if ($cells > 1 && $cells > $usual / 2) {
                return $n + 1;
            }
        }

        return 1;
    }

    /**
     * @param  list<string>  $rows
     * @param  non-empty-string  $delimiter
     * @return int cells of the widest row
     */
    private static function widest(array $rows, string $delimiter): int
    {
        return max([0, ...array_map(static fn (string $row): int => count(self::cells($row, $delimiter)), $rows)]);
    }

    /**
     * @param  list<int>  $counts
     * @return int the one that stands most often; of several the largest
     */
    private static function usual(array $counts): int
    {
        $often = array_count_values($counts);
        krsort($often);
        arsort($often);

        return (int) (array_key_first($often) ?? 1);
    }
}
