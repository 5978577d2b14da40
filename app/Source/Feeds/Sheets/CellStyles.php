<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds\Sheets;

/** Which styles of a spreadsheet show a number as a date, and which date (ECMA-376 part 1, 18.8.30 and 18.17.4). */
final class CellStyles
{
    private const DATES = [14, 15, 16, 17, 22, 27, 30, 36, 50, 57];

    /** Days from the day nought of a spreadsheet to 1970-01-01. */
    private const DAYS = 25_569;

    /** So many days later lies the day nought of those that count since 1904. */
    private const DAYS_1904 = 1_462;

    /** @var array<int, bool> by style */
    private array $dates = [];

    /** @var array<int, int> by style, how many digits a whole number is shown with at least: 5 for "00000" */
    private array $digits = [];

    public function __construct(?string $part, private readonly bool $since1904)
    {
        $formats = [];
        $cells = false;
        foreach (XmlPart::elements($part, 'numFmt', 'cellStyleXfs', 'cellXfs', 'cellStyles', 'dxfs', 'xf') as $xml) {
            if ($xml->localName === 'numFmt') {
                $formats[(int) $xml->getAttribute('numFmtId')] = (string) $xml->getAttribute('formatCode');
            } elseif ($xml->localName !== 'xf') {
                $cells = $xml->localName === 'cellXfs';
            } elseif ($cells) {
                $id = (int) $xml->getAttribute('numFmtId');
                $this->digits[] = preg_match('/^0{2,}$/D', $formats[$id] ?? '') === 1 ? strlen($formats[$id]) : 0;
                $this->dates[] = isset($formats[$id]) ? self::isDate($formats[$id]) : in_array($id, self::DATES, true);
            }
        }
    }

    /** @return string|null the day, "2026-11-26"; null where the style shows none */
    public function date(int $style, float $number): ?string
    {
        if (! ($this->dates[$style] ?? false) || $number < 1 || $number > 2_958_465) {
            return null;
        }
        $days = (int) floor($number) - self::DAYS + ($this->since1904 ? self::DAYS_1904 : 0);

        return gmdate('Y-m-d', $days * 86_400);
    }

    /** A whole number with the noughts before it that its style shows, such as those of an article number. */
    public function padded(int $style, string $digits): string
    {
        return ctype_digit($digits) ? str_pad($digits, $this->digits[$style] ?? 0, '0', STR_PAD_LEFT) : $digits;
    }

    private static function isDate(string $format): bool
    {
        // Words in marks, signs after a stroke and colours or currencies in brackets say nothing of dates.
        $plain = preg_replace('/"[^"]*"|\\\\.|\[[^\]]*\]/', '', $format) ?? $format;

        return preg_match('/[dy]/i', $plain) === 1;
    }
}
