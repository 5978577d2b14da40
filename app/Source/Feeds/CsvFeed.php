<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\BrokenText;

/** CSV and its kin: any delimiter, quoted newlines (RFC 4180), UTF-8, UTF-16 or Windows-1252. */
final readonly class CsvFeed implements Feed
{
    private const DELIMITERS = [
        ';' => 'semicolons',
        ',' => 'commas',
        "\t" => 'tabs',
        '|' => 'bars',
        '~' => 'tildes',
        '^' => 'carets',
    ];

    private const SAMPLE_ROWS = 30;

    /** So many letters of several bytes to one byte that fits nowhere make a file UTF-8. */
    private const SURE = 3;

    private string $encoding;

    /** @var non-empty-string */
    private string $delimiter;

    /** @var list<string> */
    private array $header;

    /** @throws FeedTrouble */
    public function __construct(private string $path)
    {
        $this->encoding = $this->encoding();
        $sample = [];
        foreach ($this->records() as $record) {
            $sample[] = $record;
            if (count($sample) === self::SAMPLE_ROWS) {
                break;
            }
        }
        $this->delimiter = self::delimiter($sample);
        $this->header = Header::names(str_getcsv($sample[0] ?? '', $this->delimiter, '"', ''));
    }

    public function about(): string
    {
        return sprintf('a table parted by %s, in %s', self::DELIMITERS[$this->delimiter], $this->encoding);
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
        $nothing = " \t\r\n".$this->delimiter;
        foreach ($this->records() as $number => $record) {
            if ($number > 1 && trim($record, $nothing) !== '') {
                yield $number => $record;
            }
        }
    }

    public function some(iterable $numbers): iterable
    {
        foreach (Picked::of($this->goods(), $numbers) as $number => $record) {
            yield $number => $this->values($record);
        }
    }

    /** @return list<string> */
    private function values(string $record): array
    {
        $width = count($this->header);
        // Most rows hold no quotation mark; parting those is ten times as quick.
        $values = str_contains($record, '"')
            ? array_map(strval(...), str_getcsv($record, $this->delimiter, '"', ''))
            : explode($this->delimiter, $record);

        return count($values) === $width ? $values : array_slice(array_pad($values, $width, ''), 0, $width);
    }

    /**
     * @return \Generator<int, string> rows by number as they stand in the file, in UTF-8, with the newlines inside
     *     quotes
     */
    private function records(): \Generator
    {
        $in = fopen($this->path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        try {
            if (str_starts_with($this->encoding, 'UTF-16')) {
                fseek($in, 2);
                stream_filter_append($in, 'convert.iconv.'.$this->encoding.'/UTF-8', STREAM_FILTER_READ);
            } elseif (fread($in, 3) !== "\xEF\xBB\xBF") {
                rewind($in);
            }
            $number = 1;
            $record = '';
            // Only what has to be converted can hold half a letter; other lines are read the quick way.
            $wide = str_starts_with($this->encoding, 'UTF-16');
            while (($line = $wide ? $this->wide($in, $number) : fgets($in, Limits::ROW)) !== false) {
                $record = $record === '' ? $line : $record.$line;
                if (strlen($record) >= Limits::ROW - 1) {
                    throw FeedTrouble::because(
                        sprintf(
                            'Row %s is longer than %s letters; a quotation mark is probably open. The file wasn’t '.
                                'read.',
                            number_format($number),
                            number_format(Limits::ROW),
                        ),
                    );
                }
                if (substr_count($record, '"') % 2 === 1) {
                    continue;
                }
                yield $number => $this->utf8(rtrim($record, "\r\n"));
                $number++;
                $record = '';
            }
            if ($record !== '') {
                throw FeedTrouble::because(
                    sprintf(
                        'The file breaks off in row %s: a quotation mark is open. Fetch it again.',
                        number_format($number),
                    ),
                );
            }
        } finally {
            fclose($in);
        }
    }

    /**
     * @param  resource  $in
     *
     * @throws FeedTrouble when UTF-16 ends within a letter, or holds half of one
     */
    private function wide($in, int $row): string|false
    {
        set_error_handler(
            static fn (): bool => throw FeedTrouble::because(
                sprintf(
                    'The file holds half a letter near row %s; it was cut off, or isn’t UTF-16. Save it again as '.
                        'UTF-8.',
                    number_format($row),
                ),
            ),
        );
        try {
            return fgets($in, Limits::ROW);
        } finally {
            restore_error_handler();
        }
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
        if (str_starts_with($start, "\xFF\xFE")) {
            return 'UTF-16LE';
        }
        if (str_starts_with($start, "\xFE\xFF")) {
            return 'UTF-16BE';
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
     * @param  list<string>  $sample  the delimiter is the one that cuts most rows into as many columns as the first,
     *     the more the better
     * @return non-empty-string
     */
    private static function delimiter(array $sample): string
    {
        $best = ',';
        $most = 0;
        foreach (array_keys(self::DELIMITERS) as $delimiter) {
            $counts = array_map(static fn (string $r): int => count(str_getcsv($r, $delimiter, '"', '')), $sample);
            $columns = $counts[0] ?? 1;
            $even = count(array_filter($counts, static fn (int $n): bool => $n === $columns));
            $score = $columns < 2 ? 0 : $even * 1000 + min($columns, 99);
            if ($score > $most) {
                [$best, $most] = [$delimiter, $score];
            }
        }

        return $best;
    }
}
