<?php

declare(strict_types=1);

namespace WindowStall\Frame;

use Illuminate\Support\Facades\Route;
use WindowStall\Frame\Views\FoundView;
use WindowStall\Stall\Stall;

/**
 * Finds screens, settings and actions under the words that people use for them, and says so where a thing can't be done.
 */
final class ScreenIndex
{
    private const MOST = 6;

    /** @return list<FoundView> those that all words fit, the closest first */
    public static function called(Stall $stall, string $words): array
    {
        $typed = self::words($words);
        $scored = [];
        foreach ($typed === [] ? [] : self::all() as $n => $place) {
            $score = self::score($typed, self::words($place['name']), self::words($place['words']));
            if ($score > 0) {
                $scored[] = [$score, -$n, $place];
            }
        }
        rsort($scored);

        return array_map(
            static fn (array $found): FoundView => self::view($stall, $found[2]),
            array_slice($scored, 0, self::MOST),
        );
    }

    /** @return list<array{name: string, route: string, words: string, says: string}> */
    public static function all(): array
    {
        /** @var list<array{0: string, 1: string, 2: string, 3?: string}> $rows */
        $rows = require __DIR__.'/places.php';

        return array_map(
            static fn (array $row): array => ['name' => $row[0], 'route' => $row[1], 'words' => $row[2], 'says' => $row[3] ?? ''],
            $rows,
        );
    }

    /**
     * How well a place fits: each word has to begin one of its own; its name counts more than what else it goes by, and a
     * whole word more than a beginning.
     *
     * @param  list<string>  $typed
     * @param  list<string>  $name
     * @param  list<string>  $others
     */
    private static function score(array $typed, array $name, array $others): int
    {
        $score = 0;
        foreach ($typed as $word) {
            $begins = static fn (string $known): bool => str_starts_with($known, $word);
            $best = max(
                in_array($word, $name, true) ? 4 : 0,
                in_array($word, $others, true) ? 3 : 0,
                array_filter($name, $begins) !== [] ? 2 : 0,
                array_filter($others, $begins) !== [] ? 1 : 0,
            );
            if ($best === 0) {
                return 0;
            }
            $score += $best;
        }

        return $score;
    }

    /** @param  array{name: string, route: string, words: string, says: string}  $place */
    private static function view(Stall $stall, array $place): FoundView
    {
        $own = $place['route'] !== '' && in_array('stall', Route::getRoutes()->getByName($place['route'])?->parameterNames() ?? [], true);

        return new FoundView(
            kind: 'place',
            label: $place['name'],
            detail: $place['says'],
            url: $place['route'] === '' ? '' : route($place['route'], $own ? [$stall] : []),
        );
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return array_values(array_filter(preg_split('/[^\p{L}\p{N}-]+/u', mb_strtolower($text)) ?: []));
    }
}
