<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/**
 * The lines of a text file, whatever ends them: LF, CR LF, or CR alone, mixed as they come. UTF-16 and UTF-32 become
 * UTF-8; other text is given as it stands.
 */
final readonly class TextLines
{
    private const CHUNK = 262_144;

    /** Byte order mark → encoding; the longer first (Unicode, "byte order mark"). */
    private const MARKS = [
        "\xFF\xFE\x00\x00" => 'UTF-32LE',
        "\x00\x00\xFE\xFF" => 'UTF-32BE',
        "\xFF\xFE" => 'UTF-16LE',
        "\xFE\xFF" => 'UTF-16BE',
        "\xEF\xBB\xBF" => 'UTF-8',
    ];

    public function __construct(private string $path)
    {
    }

    /** The encoding that the file's first bytes say; null when they say none. */
    public static function marked(string $start): ?string
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($start, $mark)) {
                return $encoding;
            }
        }

        return null;
    }

    /**
     * @return \Generator<int, string> without what ends them
     *
     * @throws FeedTrouble when a line is too long, or the file holds half a letter
     */
    public function all(): \Generator
    {
        $in = fopen($this->path, 'r') ?: throw FeedTrouble::because('The file can’t be opened.');
        try {
            $wide = $this->skipMark($in);
            $rest = '';
            $line = 0;
            do {
                $chunk = $wide === null ? (string) fread($in, self::CHUNK) : self::converted($in, $wide, $line);
                $rest .= $chunk;
                $ended = $chunk === '';
                // The sign that DOS programs ended files with (Ctrl Z) isn't part of the last line.
                $rest = $ended ? rtrim($rest, "\x1A") : $rest;
                // A CR at the very end may be half of a CR LF.
                $whole = $ended ? strlen($rest) : self::lastEnd($rest);
                if ($whole === 0 && strlen($rest) > Limits::ROW) {
                    throw self::tooLong($line + 1);
                }
                foreach (self::parted(substr($rest, 0, $whole), $ended) as $text) {
                    $line++;
                    yield $text;
                }
                $rest = substr($rest, $whole);
            } while (! $ended);
        } finally {
            fclose($in);
        }
    }

    /**
     * @param  resource  $in
     * @return string|null the encoding to convert from
     */
    private function skipMark($in): ?string
    {
        $start = (string) fread($in, 4);
        $encoding = self::marked($start);
        fseek($in, $encoding === null ? 0 : strlen((string) array_search($encoding, self::MARKS, true)));

        return $encoding === 'UTF-8' ? null : $encoding;
    }

    /**
     * Some of a file of wide letters; it is taken in portions of four bytes, and what stands at the end of a portion as
     * half of a pair waits for the next.
     *
     * @param  resource  $in
     */
    private static function converted($in, string $encoding, int $line): string
    {
        $bytes = (string) fread($in, self::CHUNK);
        if ($bytes === '') {
            return '';
        }
        while (! feof($in) && (strlen($bytes) % 4 !== 0 || self::endsWithinPair($bytes, $encoding))) {
            $bytes .= (string) fread($in, max(1, 4 - strlen($bytes) % 4));
        }
        $whole = strlen($bytes) % (str_starts_with($encoding, 'UTF-32') ? 4 : 2) === 0;
        if (! $whole || ! mb_check_encoding($bytes, $encoding)) {
            throw FeedTrouble::because(
                sprintf(
                    'The file holds half a letter near row %s; it was cut off, or isn’t %s. Save it again as UTF-8.',
                    number_format($line + 1),
                    substr($encoding, 0, 6),
                ),
            );
        }

        return (string) mb_convert_encoding($bytes, 'UTF-8', $encoding);
    }

    /** Whether the last two bytes are the first half of a letter that takes four (UTF-16, "surrogates"). */
    private static function endsWithinPair(string $bytes, string $encoding): bool
    {
        $high = match ($encoding) {
            'UTF-16LE' => ord($bytes[strlen($bytes) - 1]),
            'UTF-16BE' => ord($bytes[strlen($bytes) - 2]),
            default => 0,
        };

        return $high >= 0xD8 && $high <= 0xDB;
    }

    /** How much of it is whole lines. */
    private static function lastEnd(string $text): int
    {
        $lf = strrpos($text, "\n");
        $cr = strrpos(substr($text, 0, -1), "\r");

        return max($lf === false ? 0 : $lf + 1, $cr === false || ($text[$cr + 1] ?? '') === "\n" ? 0 : $cr + 1);
    }

    /** @return list<string> */
    private static function parted(string $text, bool $last): array
    {
        if ($text === '') {
            return [];
        }
        $lines = explode("\n", str_contains($text, "\r") ? strtr($text, ["\r\n" => "\n", "\r" => "\n"]) : $text);
        if (end($lines) === '') {
            array_pop($lines);
        }

        return $lines;
    }

    private static function tooLong(int $row): FeedTrouble
    {
        return FeedTrouble::because(
            sprintf(
                'Row %s is longer than %s letters; a quotation mark is probably open. The file wasn’t read.',
                number_format($row),
                number_format(Limits::ROW),
            ),
        );
    }
}
