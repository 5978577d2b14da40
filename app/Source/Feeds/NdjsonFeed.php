<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** NDJSON: a JSON object in each line. A line that is none is left out, named; the others are taken. */
final readonly class NdjsonFeed implements Feed
{
    use PicksRows;

    /** @var list<string> */
    private array $header;

    private LateColumns $late;

    /** @param  list<string>  $late  columns that were met later in the file before */
    public function __construct(private string $path, array $late = [])
    {
        $this->late = new LateColumns();
        $this->header = NestedRecords::header($this->records(), $late);
    }

    public function parts(): array
    {
        return [];
    }

    public function part(): string
    {
        return '';
    }

    public function late(): array
    {
        return $this->late->all();
    }

    public function about(): string
    {
        return 'JSON, an object in each line';
    }

    public function header(): array
    {
        return $this->header;
    }

    public function rows(): iterable
    {
        return NestedRecords::table($this->records(), $this->header, $this->late);
    }

    /** @return \Generator<int, array<mixed>> */
    private function records(): \Generator
    {
        $in = fopen($this->path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        try {
            for ($n = 1; ($line = fgets($in, Limits::RECORD)) !== false; $n++) {
                if (strlen($line) >= Limits::RECORD - 1) {
                    throw FeedTrouble::because(
                        sprintf(
                            'Line %s is longer than %s letters. The file wasn’t read.',
                            number_format($n),
                            number_format(Limits::RECORD),
                        ),
                    );
                }
                $line = trim($line, " \t\r\n\u{FEFF}");
                if ($line === '') {
                    continue;
                }
                $record = str_starts_with($line, '{') ? JsonText::decode($line, asWritten: true) : null;
                yield $record ?? [NestedRecords::BROKEN => mb_scrub($line)];
            }
        } finally {
            fclose($in);
        }
    }
}
