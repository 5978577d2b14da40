<?php

declare(strict_types=1);

namespace WindowStall\Core\Feeds;

/** Which sign parts the whole from the fraction in a file; the other one parts thousands. */
enum DecimalSign: string
{
    case Point = '.';
    case Comma = ',';

    /**
     * What a sample of figures speaks for. A sign that stands twice, or before the other, parts thousands; a lone sign
     * before one, two or four digits parts the fraction; three digits after it speak for neither.
     *
     * @param  iterable<string>  $values
     */
    public static function of(iterable $values): self
    {
        $votes = 0;
        foreach ($values as $value) {
            if (preg_match('/^\D*(\d[\d.,\s]*)\D*$/', $value, $m) !== 1) {
                continue;
            }
            $lastPoint = strrpos($m[1], '.');
            $lastComma = strrpos($m[1], ',');
            if ($lastPoint !== false && $lastComma !== false) {
                $votes += $lastComma > $lastPoint ? 3 : -3;
            } elseif ($lastComma !== false && (substr_count($m[1], ',') > 1 || strlen($m[1]) - $lastComma !== 4)) {
                $votes += substr_count($m[1], ',') > 1 ? -1 : 1;
            } elseif ($lastPoint !== false && (substr_count($m[1], '.') > 1 || strlen($m[1]) - $lastPoint !== 4)) {
                $votes += substr_count($m[1], '.') > 1 ? 1 : -1;
            }
        }

        return $votes > 0 ? self::Comma : self::Point;
    }

    /** "1.234,50 €" → "1234.50"; null when the text is no figure. */
    public function read(string $text): ?string
    {
        if (strlen($text) < 13 && ctype_digit($text)) {
            return $text;
        }
        if ($this === self::Point && preg_match('/^\d{1,12}\.\d+$/D', $text) === 1) {
            return $text;
        }
        $bare = preg_replace('/[\s\x{00A0}\x{202F}\']|\p{Sc}|^[A-Z]{3}|[A-Z]{3}$/u', '', trim($text));
        $other = $this === self::Point ? ',' : '.';
        if (
            $bare === null ||
            preg_match(
                '/^[+-]?(?:\d{1,12}|\d{1,3}(?:'.
                    preg_quote($other, '/').
                    '\d{3})+)(?:'.
                    preg_quote($this->value, '/').
                    '\d*)?$/D',
                $bare,
            ) !== 1
        ) {
            return null;
        }

        return rtrim(str_replace(['+', $other, $this->value], ['', '', '.'], $bare), '.');
    }
}
