<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\BrokenText;

/** CSV and its kin: any delimiter, quoted newlines (RFC 4180), UTF-8, UTF-16, UTF-32 or Windows-1252. */
final readonly class CsvFeed implements Feed
{
    use OnePart;

    private const DELIMITERS = [
        ';' => 'semicolons',
        ',' => 'commas',
        "\t" => 'tabs',
        '|' => 'bars',
        '~' => 'tildes',
        '^' => 'carets',
    ];

    /** Lines that are looked at to tell the delimiter and the header. */
    private const SAMPLE = 200;

    private const SAMPLE_ROWS = 30;

    /** Rows that may stand above the header: a title, a date, an address. */
    private const ABOVE = 12;

    /** So many letters of several bytes to one byte that fits nowhere make a file UTF-8. */
    private const SURE = 3;

    private string $encoding;

    /** @var non-empty-string */
    private string $delimiter;

    /** The row that the columns are named in. */
    private int $headerRow;

    /** @var list<string> */
    private array $header;

    /**
     * @param  non-empty-string|null  $delimiter  where it is known
     *
     * @throws FeedTrouble
     */
    public function __construct(private string $path, ?string $delimiter = null)
    {
        $this->encoding = $this->encoding();
        $lines = $this->sample();
        $said = preg_match('/^"?sep=([;,\t|~^])"?$/iD', $lines[0] ?? '', $m) === 1 ? $m[1] : null;
        $this->delimiter = $delimiter ?? $said ?? self::delimiter($lines);
        $rows = self::rowsOf($said === null ? $lines : array_slice($lines, 1), $this->delimiter);
        $this->headerRow = self::headerIn($rows, $this->delimiter) + ($said === null ? 0 : 1);
        $this->header = Header::names(self::cells($this->record($this->headerRow), $this->delimiter));
    }

    public function about(): string
    {
        return sprintf(
            'a table parted by %s, in %s%s',
            self::DELIMITERS[$this->delimiter],
            $this->encoding,
            $this->headerRow === 1 ? '' : sprintf(', its columns named in row %d', $this->headerRow),
        );
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

        return count($values) === $width ? $values : array_slice(array_pad($values, $width, ''), 0, $width);
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

    private function encoding(): string
    {
        $start = (string) file_get_contents($this->path, length: 262_144);
        $marked = TextLines::marked($start);
        if ($marked !== null && $marked !== 'UTF-8') {
            return $marked;
        }
        // The sample may end within a letter.
        $whole = preg_replace('/[\xC0-\xFF][\x80-\xBF]{0,3}$/', '', $start) ?? $start;
        if (preg_match('//u', $whole) === 1) {
            return 'UTF-8';
        }
        // Letters of several bytes that fit are hardly chance; some bytes that don't are then faults in a UTF-8 file.
        $letters = preg_match_all('/[\xC3-\xF4][\x80-\xBF]{1,3}/', $whole);
        $strange = preg_match_all(
            '/[\x80-\xFF]/',
            (string) preg_replace(
                '/[\xC2-\xDF][\x80-\xBF]|[\xE0-\xEF][\x80-\xBF]{2}|[\xF0-\xF4][\x80-\xBF]{3}/',
                '',
                $whole,
            ),
        );

        return str_starts_with($start, "\xEF\xBB\xBF") || $letters > self::SURE * $strange ? 'UTF-8' : 'Windows-1252';
    }

    /**
     * The one that cuts most rows into as many columns as most have, the more the better.
     *
     * @param  list<string>  $lines
     * @return non-empty-string
     */
    private static function delimiter(array $lines): string
    {
        $best = ',';
        $most = 0;
        foreach (array_keys(self::DELIMITERS) as $delimiter) {
            $counts = array_map(
                static fn (string $row): int => count(self::cells($row, $delimiter)),
                array_slice(self::rowsOf($lines, $delimiter), 0, self::SAMPLE_ROWS),
            );
            $columns = self::usual($counts);
            $even = count(array_filter($counts, static fn (int $n): bool => $n === $columns));
            $score = $columns < 2 ? 0 : $even * 1000 + min($columns, 99);
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
