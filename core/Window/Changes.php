<?php

declare(strict_types=1);

namespace WindowStall\Core\Window;

/**
 * How much two states of a window differ, counted as a person would: sections, decisions of the look, and the order.
 */
final class Changes
{
    /**
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $before
     * @param  array{look: array<string, mixed>, sections: list<array<string, mixed>>}  $after
     */
    public static function between(array $before, array $after): int
    {
        $was = array_column($before['sections'], null, 'id');
        $is = array_column($after['sections'], null, 'id');
        $changes = count(self::ofLook($before['look'], $after['look']));
        foreach ($is as $id => $section) {
            $changes += self::same($was[$id] ?? null, $section) ? 0 : 1;
        }
        $changes += count(array_diff_key($was, $is));
        $stayed = array_keys(array_intersect_key($is, $was));

        return $changes + ($stayed === array_keys(array_intersect_key($was, $is)) ? 0 : 1);
    }

    /**
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return list<string> decisions that differ
     */
    public static function ofLook(array $before, array $after): array
    {
        return array_values(array_filter(
            array_keys($after),
            static fn (string $name): bool => ! self::same($before[$name] ?? null, $after[$name]),
        ));
    }

    /** Whether two plain values are the same, whatever order the keys of their maps have: JSON doesn't keep that. */
    public static function same(mixed $one, mixed $other): bool
    {
        if (! is_array($one) || ! is_array($other)) {
            return $one === $other;
        }
        if (count($one) !== count($other)) {
            return false;
        }
        foreach ($one as $key => $value) {
            if (! array_key_exists($key, $other) || ! self::same($value, $other[$key])) {
                return false;
            }
        }

        return true;
    }
}
