<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

use WindowStall\Core\Words\Plural;

/** What sizes measure, in centimetres and in inches. */
final readonly class SizeTable
{
    /** Millimetres in an inch, exactly (international yard and pound agreement of 1959). */
    private const INCH = 25.4;

    /** Centimetres beyond which something was mistyped. */
    private const MOST = 1_000;

    /**
     * @param  list<string>  $measures  such as "Chest"
     * @param  list<array{size: string, cm: list<string>, inches: list<string>}>  $rows  one figure for each measure
     * @param  list<string>  $odd  what can't be shown, and why
     */
    private function __construct(public array $measures, public array $rows, public array $odd)
    {
    }

    /**
     * @param  string  $measures  with commas between them
     * @param  list<array{size: string, cm: string}>  $rows  figures with spaces or semicolons between them; "88-92" for a span
     */
    public static function read(string $measures, array $rows): self
    {
        $named = array_values(array_filter(array_map(trim(...), explode(',', $measures)), static fn (string $m): bool => $m !== ''));
        [$kept, $odd] = [[], []];
        foreach ($rows as $row) {
            $size = trim($row['size']);
            $figures = preg_split('/[\s;]+/u', trim($row['cm']), flags: PREG_SPLIT_NO_EMPTY) ?: [];
            if ($size === '' && $figures === []) {
                continue;
            }
            $spans = array_map(self::span(...), $figures);
            $amiss = match (true) {
                $size === '' => 'A row has no size.',
                count($figures) !== count($named) => self::miscounted($size, count($figures), count($named)),
                in_array(null, $spans, true) => sprintf(
                    'Size %s: “%s” is no length in centimetres.',
                    $size,
                    $figures[(int) array_search(null, $spans, true)],
                ),
                default => null,
            };
            if ($amiss !== null) {
                $odd[] = $amiss;
            } else {
                $spans = array_filter($spans, is_array(...));
                $kept[] = [
                    'size' => $size,
                    'cm' => array_values(array_map(static fn (array $s): string => self::said($s, 1.0, 1), $spans)),
                    'inches' => array_values(array_map(static fn (array $s): string => self::said($s, 10 / self::INCH, 1), $spans)),
                ];
            }
        }

        return new self($named, $kept, $odd);
    }

    private static function miscounted(string $size, int $figures, int $measures): string
    {
        return sprintf('Size %s has %s, but %d are measured.', $size, Plural::of($figures, 'figure'), $measures);
    }

    /** @return list<float>|null one length or two */
    private static function span(string $figure): ?array
    {
        if (preg_match('/^(\d{1,4}(?:[.,]\d)?)(?:[-–](\d{1,4}(?:[.,]\d)?))?$/uD', $figure, $m) !== 1) {
            return null;
        }
        $lengths = array_map(static fn (string $l): float => (float) str_replace(',', '.', $l), array_slice($m, 1));
        $fits = min($lengths) > 0 && max($lengths) <= self::MOST && $lengths[0] <= $lengths[count($lengths) - 1];

        return $fits ? $lengths : null;
    }

    /** @param  array<int, float>  $span */
    private static function said(array $span, float $times, int $places): string
    {
        return implode('–', array_map(
            static fn (float $length): string => (string) round($length * $times, $places),
            $span,
        ));
    }
}
