<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/**
 * Two people dress one window: what each changed since the state both began from, laid together.
 *
 * Windows are compared as plain values: the look decision by decision, sections by their id and setting by setting.
 * Where both changed the same thing, mine stands and theirs is named ({@see Merged::$given}), so that it isn't lost
 * in silence. A section that one removed and the other changed stays.
 */
final class Merge
{
    /**
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $base
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $theirs
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $mine
     */
    public static function of(array $base, array $theirs, array $mine): Merged
    {
        $came = $given = [];
        $look = self::map($base['look'], $theirs['look'], $mine['look'], 'look', $came, $given);
        [$was, $their, $my] = array_map(self::byId(...), [$base['sections'], $theirs['sections'], $mine['sections']]);
        $sections = [];
        foreach (self::order($base['sections'], $theirs['sections'], $mine['sections']) as $id) {
            $section = self::section($id, $was[$id] ?? null, $their[$id] ?? null, $my[$id] ?? null, $came, $given);
            if ($section !== null) {
                $sections[] = $section;
            }
        }
        if (array_keys($was) !== array_keys($their)) {
            $came[] = 'order';
        }

        return new Merged(
            content: ['look' => $look, 'sections' => $sections],
            came: array_values(array_unique($came)),
            given: array_values(array_unique($given)),
        );
    }

    /**
     * @param  array<string, mixed>|null  $base
     * @param  array<string, mixed>|null  $theirs
     * @param  array<string, mixed>|null  $mine
     * @param  list<string>  $came
     * @param  list<string>  $given
     * @return array<string, mixed>|null null where it is gone
     */
    private static function section(
        string $id,
        ?array $base,
        ?array $theirs,
        ?array $mine,
        array &$came,
        array &$given,
    ): ?array {
        if ($theirs === null || $mine === null) {
            $left = $theirs ?? $mine;
            // New on one side; or gone on one side and untouched on the other.
            if ($base === null) {
                $theirs === null ?: ($came[] = $id);

                return $left;
            }
            if ($left === null || Changes::same($left, $base)) {
                $theirs !== null ?: ($came[] = $id);

                return null;
            }
            $given[] = $id;

            return $left;
        }
        $merged = $mine;
        foreach (['settings', 'showing'] as $part) {
            $merged[$part] = self::map(
                self::part($base, $part),
                self::part($theirs, $part),
                self::part($mine, $part),
                $id,
                $came,
                $given,
            );
        }

        return $merged;
    }

    /**
     * @param  array<string, mixed>  $base
     * @param  array<string, mixed>  $theirs
     * @param  array<string, mixed>  $mine
     * @param  string  $name  what is said when something came or was given up
     * @param  list<string>  $came
     * @param  list<string>  $given
     * @return array<string, mixed>
     */
    private static function map(
        array $base,
        array $theirs,
        array $mine,
        string $name,
        array &$came,
        array &$given,
    ): array {
        $merged = $mine;
        foreach ($theirs as $key => $their) {
            $was = $base[$key] ?? null;
            $my = $mine[$key] ?? null;
            if (Changes::same($their, $was) || Changes::same($their, $my)) {
                continue;
            }
            if (Changes::same($my, $was)) {
                $merged[$key] = $their;
                $came[] = $name;
            } else {
                $given[] = $name;
            }
        }

        return $merged;
    }

    /**
     * Mine, unless only they moved something; what is new on their side goes behind what it stood behind there.
     *
     * @param  list<array<string, mixed>>  $base
     * @param  list<array<string, mixed>>  $theirs
     * @param  list<array<string, mixed>>  $mine
     * @return list<string>
     */
    private static function order(array $base, array $theirs, array $mine): array
    {
        [$was, $their, $my] = array_map(static fn (array $s): array => array_keys(self::byId($s)), [
            $base,
            $theirs,
            $mine,
        ]);
        [$lead, $other] = $my === $was ? [$their, $my] : [$my, $their];
        foreach ($other as $n => $id) {
            if (! in_array($id, $lead, true)) {
                $behind = $n === 0 ? false : array_search($other[$n - 1], $lead, true);
                array_splice($lead, $behind === false ? 0 : $behind + 1, 0, [$id]);
            }
        }

        return $lead;
    }

    /**
     * @param  array<string, mixed>|null  $section
     * @return array<string, mixed>
     */
    private static function part(?array $section, string $part): array
    {
        /** @var array<string, mixed> $map */
        $map = is_array($section[$part] ?? null) ? $section[$part] : [];

        return $map;
    }

    /**
     * @param  list<array<string, mixed>>  $sections
     * @return array<string, array<string, mixed>>
     */
    private static function byId(array $sections): array
    {
        $byId = [];
        foreach ($sections as $section) {
            $byId[is_string($section['id'] ?? null) ? $section['id'] : ''] = $section;
        }

        return $byId;
    }
}
