<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds\Sheets;

use DOMElement;
use IteratorAggregate;
use WindowStall\Source\Feeds\Limits;

/**
 * The rows of one sheet, by the numbers that they have in it.
 *
 * @implements IteratorAggregate<int, list<string>>
 */
final readonly class SheetRows implements IteratorAggregate
{
    public function __construct(private string $part, private SharedStrings $texts, private CellStyles $styles)
    {
    }

    /** @return \Generator<int, list<string>> */
    public function getIterator(): \Generator
    {
        $number = 0;
        foreach (XmlPart::elements($this->part, 'row') as $xml) {
            $number = max($number + 1, (int) $xml->getAttribute('r'));
            $row = $xml->expand();
            $cells = $row instanceof DOMElement ? $this->cells($row) : [];
            if ($cells !== []) {
                yield $number => $cells;
            }
        }
    }

    /** @return list<string> up to the last cell with anything in it */
    private function cells(DOMElement $row): array
    {
        $cells = [];
        $at = -1;
        $last = -1;
        foreach ($row->childNodes as $cell) {
            if (! $cell instanceof DOMElement || $cell->localName !== 'c') {
                continue;
            }
            $at = self::column($cell->getAttribute('r')) ?? $at + 1;
            // One more than may be, so that too many are told.
            if ($at > Limits::COLUMNS) {
                break;
            }
            $value = $this->value($cell);
            if ($value !== '') {
                $cells[$at] = $value;
                $last = max($last, $at);
            }
        }

        return array_values(array_replace($last < 0 ? [] : array_fill(0, $last + 1, ''), $cells));
    }

    private function value(DOMElement $cell): string
    {
        $type = $cell->getAttribute('t');
        if ($type === 'inlineStr') {
            return XmlPart::text($cell);
        }
        $value = '';
        foreach ($cell->childNodes as $child) {
            $value = $child->localName === 'v' ? $child->textContent : $value;
        }

        return match ($type) {
            's' => $value === '' ? '' : $this->texts->at((int) $value),
            'b' => $value === '1' ? 'yes' : 'no',
            '', 'n' => is_numeric($value) ? $this->number($value, (int) $cell->getAttribute('s')) : $value,
            // Text of a formula, a date in words, or a fault such as #N/A, which then is named.
            default => $value,
        };
    }

    private function number(string $value, int $style): string
    {
        $date = $this->styles->date($style, (float) $value);
        if ($date !== null || preg_match('/^-?\d+$/D', $value) === 1) {
            return $date ?? $this->styles->padded($style, $value);
        }
        // 15 digits are what a spreadsheet shows of a number (IEEE 754): 4.2, not 4.2000000000000002.
        $digits = max(0, min(10, 14 - (int) floor(log10(max(1.0, abs((float) $value))))));
        $plain = number_format((float) $value, $digits, '.', '');
        $plain = str_contains($plain, '.') ? rtrim(rtrim($plain, '0'), '.') : $plain;

        // 1.234 might be read as a thousand; 1.2340 can't.
        return preg_match('/\.\d{3}$/D', $plain) === 1 ? $plain.'0' : $plain;
    }

    /** "AB12" → 27; null where the cell doesn't say. */
    private static function column(string $reference): ?int
    {
        $letters = rtrim($reference, '0123456789');
        if ($letters === '' || strlen($letters) > 3) {
            return null;
        }
        $column = 0;
        foreach (str_split(strtoupper($letters)) as $letter) {
            $column = $column * 26 + ord($letter) - 64;
        }

        return $column - 1;
    }
}
