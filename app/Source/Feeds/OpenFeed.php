<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** Opens a file by what is in it; its name and ending count for nothing. */
final class OpenFeed
{
    private const SAMPLE = 65_536;

    /**
     * @param  string  $part  the sheet or list that a person chose; "" for the one most like goods
     * @param  list<string>  $late  columns that were met late in the file before
     * @param  TableReading  $as  how a table is read, where a person said so
     *
     * @throws FeedTrouble
     */
    public static function at(
        string $path,
        string $part = '',
        array $late = [],
        TableReading $as = new TableReading(),
    ): Feed {
        $plain = Unpack::file($path);
        $start = (string) file_get_contents($plain, length: self::SAMPLE);
        $bare = ltrim($start, "\xEF\xBB\xBF\xFF\xFE \t\r\n\0");
        if ($bare === '') {
            throw FeedTrouble::because('The file is empty.');
        }
        if (str_starts_with($start, "PK\x03\x04")) {
            return new SheetFeed($plain, $part);
        }
        self::refuseBinary($start);

        return match (true) {
            preg_match('/^<(?:!doctype html|html)\b/i', $bare) === 1 => throw FeedTrouble::because(
                'This is a web page, not a list of goods. Perhaps the address needs a key, or leads to a page from '.
                    'which the file is fetched.',
            ),
            str_starts_with($bare, '<') => new XmlFeed($plain, $part, $late),
            str_starts_with($bare, '[') => new JsonFeed($plain, $part, $late),
            str_starts_with($bare, '{') => self::manyObjects($plain)
                ? new NdjsonFeed($plain, $late)
                : new JsonFeed($plain, $part, $late),
            default => new CsvFeed($plain, as: $as),
        };
    }

    private static function refuseBinary(string $start): void
    {
        $known = [
            '%PDF' => 'a PDF',
            "\xD0\xCF\x11\xE0" => 'a spreadsheet of the old kind (.xls) or with a password',
            "\x89PNG" => 'a picture',
            "\xFF\xD8\xFF" => 'a picture',
            'GIF8' => 'a picture',
            'Rar!' => 'a rar archive',
            "7z\xBC\xAF" => 'a 7z archive',
        ];
        foreach ($known as $magic => $what) {
            if (str_starts_with($start, $magic)) {
                throw FeedTrouble::because(
                    sprintf(
                        'This is %s, not a list of goods. Send CSV, XML, JSON or .xlsx; a spreadsheet saves itself as '.
                            'one of them.',
                        $what,
                    ),
                );
            }
        }
        // Wide letters have noughts among their bytes, and a mark at the start.
        $wide = ! in_array(TextLines::marked($start), [null, 'UTF-8'], true);
        // What DOS programs ended a file with isn't part of it.
        $text = strlen($start) < self::SAMPLE ? rtrim($start, "\x1A") : $start;
        if (! $wide && preg_match('/[\x00-\x08\x0E-\x1A\x1C-\x1F]/', $text, $m, PREG_OFFSET_CAPTURE) === 1) {
            throw FeedTrouble::because(
                sprintf(
                    'The file holds binary data (at byte %s), so it is no list of goods. Send CSV, XML or JSON.',
                    number_format($m[0][1] + 1),
                ),
            );
        }
    }

    /**
     * Whether each line is an object of its own. A single line is one, unless a list of records stands in it: then
     * those are the goods, and the file is JSON.
     */
    private static function manyObjects(string $path): bool
    {
        $in = fopen($path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        $first = JsonText::decode(self::nextLine($in));
        $second = self::nextLine($in);
        fclose($in);
        if ($first === null) {
            // The first line may be the broken one.
            return str_starts_with($second, '{') && JsonText::decode($second) !== null;
        }
        if ($second !== '') {
            return true;
        }
        $lists = array_filter($first, static fn (mixed $value): bool => is_array($value) && is_array(reset($value)));

        return $lists === [];
    }

    /**
     * @param  resource  $in
     * @return string the next line that isn't blank; '' at the end
     */
    private static function nextLine($in): string
    {
        do {
            $line = fgets($in, Limits::RECORD);
            $bare = trim((string) $line, " \t\r\n\u{FEFF}");
        } while ($line !== false && $bare === '');

        return $bare;
    }
}
