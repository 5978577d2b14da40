<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\ColumnNames;
use WindowStall\Source\Feeds\Sheets\SheetRows;
use WindowStall\Source\Feeds\Sheets\Workbook;

/**
 * A spreadsheet (.xlsx; Office Open XML, ECMA-376 part 1, chapter 18): of its visible sheets the one whose columns are
 * called most like those of goods. It is laid out as a table beside and read as one, a row at a time.
 */
final readonly class SheetFeed implements Feed
{
    /** Rows of a sheet that are looked at to tell what it is of. */
    private const LOOK = 15;

    private string $sheet;

    private CsvFeed $table;

    /** @var list<string> */
    private array $sheets;

    /**
     * @param  string  $part  the sheet a person chose; "" for the one most like goods
     *
     * @throws FeedTrouble
     */
    public function __construct(string $path, string $part = '')
    {
        $book = Workbook::open($path);
        try {
            $this->sheets = $book->sheets();
            $this->sheet = $part === ''
                ? self::goods($book)
                : Parts::choose(array_fill_keys($this->sheets, []), $part, 'sheet');
            self::layOut($book->rows($this->sheet), $path.'.plain');
        } finally {
            $book->close();
        }
        $this->table = new CsvFeed($path.'.plain', delimiter: ',');
    }

    public function about(): string
    {
        return sprintf('a spreadsheet, its sheet “%s”', $this->sheet);
    }

    public function parts(): array
    {
        return count($this->sheets) > 1 ? $this->sheets : [];
    }

    public function part(): string
    {
        return $this->parts() === [] ? '' : $this->sheet;
    }

    public function late(): array
    {
        return [];
    }

    public function header(): array
    {
        return $this->table->header();
    }

    public function rows(): iterable
    {
        return $this->table->rows();
    }

    public function some(iterable $numbers): iterable
    {
        return $this->table->some($numbers);
    }

    /** The sheet that looks most like goods; of equals the first that has rows. */
    private static function goods(Workbook $book): string
    {
        $best = null;
        $most = -1.0;
        foreach ($book->sheets() as $sheet) {
            foreach ($book->rows($sheet) as $number => $cells) {
                $likes = ColumnNames::likeGoods($cells);
                if ($likes > $most) {
                    [$best, $most] = [$sheet, $likes];
                }
                if ($number >= self::LOOK) {
                    break;
                }
            }
        }

        return $best ?? throw FeedTrouble::because('The spreadsheet holds no sheet with anything in it.');
    }

    /** Rows keep their numbers: an empty one is an empty line. */
    private static function layOut(SheetRows $rows, string $to): void
    {
        $out = fopen($to, 'w') ?: throw new \RuntimeException('No room to read the spreadsheet.');
        $last = 0;
        foreach ($rows as $number => $cells) {
            fwrite($out, str_repeat("\n", max(0, $number - $last - 1)));
            fputcsv($out, $cells, ',', '"', '');
            $last = max($last + 1, $number);
        }
        fclose($out);
    }
}
