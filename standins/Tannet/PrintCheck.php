<?php

declare(strict_types=1);

namespace WindowStall\Standins\Tannet;

/**
 * Looks at what is to be printed, as the works do: whether the area takes the method, the file is here, and is as large as
 * it is said to be.
 *
 * @phpstan-import-type Row from Books
 */
final class PrintCheck
{
    /** Pixels that a side may be off by rounding. */
    private const OFF = 1;

    private const POINTS_TO_THE_INCH = 72;

    /**
     * @param  Row  $row
     * @param  list<array{area: string, method: string, file: string, width_mm: float, height_mm: float, dpi: int}>  $prints
     * @return int euro cents for one piece of these
     *
     * @throws Refused
     */
    public static function cost(string $key, array $row, string $colour, array $prints): int
    {
        $cost = 0;
        $methods = [];
        foreach ($prints as $print) {
            $method = $row['methods'][$print['method']] ?? throw new Refused(sprintf('%s isn’t printed by “%s”.', $row['name'], $print['method']));
            $area = $row['areas'][$print['area']] ?? null;
            if ($area === null || ! in_array($print['area'], $method['areas'], true)) {
                throw new Refused(sprintf('%s doesn’t reach “%s” of %s.', $method['name'], $print['area'], $row['name']));
            }
            self::file($key, $method, $print);
            $first = ! in_array($print['method'], $methods, true);
            $methods[] = $print['method'];
            $cost += $method['by_area'][$print['area']] ?? $method[$first ? 'first' : 'further'];
            $cost += Books::isDark($row['colours'][$colour]) ? $method['underbase'] : 0;
        }

        return $cost;
    }

    /**
     * @param  array<string, mixed>  $method
     * @param  array{area: string, file: string, width_mm: float, height_mm: float, dpi: int, method: string}  $print
     */
    private static function file(string $key, array $method, array $print): void
    {
        $file = Books::db()->table('files')->where('key', $key)->where('sha256', $print['file'])->first();
        if ($file === null) {
            throw new Refused('The file for “'.$print['area'].'” isn’t here. Send it first.');
        }
        if ($print['dpi'] < $method['dpi'][0] || $print['dpi'] > $method['dpi'][2]) {
            throw new Refused(sprintf('%s takes %d to %d dots to the inch, not %d.', $method['name'], $method['dpi'][0], $method['dpi'][2], $print['dpi']));
        }
        $inch = $file->type === 'application/pdf' ? self::POINTS_TO_THE_INCH : $print['dpi'];
        foreach (['width', 'height'] as $side) {
            $wanted = $print[$side.'_mm'] / 25.4 * $inch;
            if (abs($file->$side - $wanted) > self::OFF) {
                throw new Refused(sprintf(
                    'The file for “%s” is %d %s in %s, not %d.',
                    $print['area'],
                    $file->$side,
                    $inch === self::POINTS_TO_THE_INCH ? 'points' : 'pixels',
                    $side,
                    round($wanted),
                ));
            }
        }
    }
}
