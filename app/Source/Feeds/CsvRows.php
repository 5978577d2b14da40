<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\BrokenText;
use WindowStall\Core\Feeds\Quotes;

/**
 * Puts lines together into rows: a quoted cell may hold line ends. One that is never closed costs its own line, which is
 * marked; the lines after it are read.
 */
final readonly class CsvRows
{
    /** A quoted cell that goes on for longer than this was never closed. */
    private const MOST_LINES = 500;

    private const MOST_BYTES = 131_072;

    /** @param  non-empty-string  $delimiter  one byte */
    public function __construct(private string $delimiter)
    {
    }

    /**
     * @param  iterable<string>  $lines
     * @return \Generator<int, string> rows by number, from 1
     *
     * @throws FeedTrouble when the file breaks off within a quoted cell
     */
    public function of(iterable $lines): \Generator
    {
        $number = 0;
        $held = [];
        foreach ($lines as $line) {
            if ($held === [] && ! str_contains($line, '"')) {
                yield ++$number => $line;

                continue;
            }
            $held[] = $line;
            yield from $this->settled($held, $number, last: false);
        }
        if (count($held) === 1) {
            throw FeedTrouble::because(
                sprintf(
                    'The file breaks off in row %s: a quotation mark is open. Fetch it again.',
                    number_format($number + 1),
                ),
            );
        }
        yield from $this->settled($held, $number, last: true);
    }

    /**
     * The rows that can be made of the lines held; what is left goes on.
     *
     * @param  list<string>  $held
     * @param  bool  $last  whether nothing comes any more
     * @return \Generator<int, string>
     */
    private function settled(array &$held, int &$number, bool $last): \Generator
    {
        $waiting = $held;
        $held = [];
        $row = '';
        while ($waiting !== []) {
            $line = array_shift($waiting);
            $row = $held === [] ? $line : $row."\n".$line;
            $held[] = $line;
            // A line without a mark can't close what is open.
            $stands = count($held) > 1 && ! str_contains($line, '"') ? Quotes::Open : Quotes::in($row, $this->delimiter);
            if ($stands === Quotes::Closed) {
                yield ++$number => $row;
                $held = [];
            } elseif ($stands === Quotes::Astray || $this->tooLong($held, $row) || ($last && $waiting === [])) {
                yield ++$number => BrokenText::OPEN_QUOTE.array_shift($held);
                $waiting = [...$held, ...$waiting];
                $held = [];
            }
        }
    }

    /** @param  list<string>  $held */
    private function tooLong(array $held, string $row): bool
    {
        return count($held) > self::MOST_LINES || strlen($row) > self::MOST_BYTES;
    }
}
