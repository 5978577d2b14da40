<?php

declare(strict_types=1);

namespace WindowStall\Bench\MakeUp;

/**
 * The seller's own names for a supplier's options and values ("Clr: BLK-01" → "Finish: Black").
 *
 * @phpstan-type Names array<string, array{as: string, values: array<string, string>}>
 */
final class OptionNames
{
    /**
     * @param  Names  $names
     * @param  array<string, string>  $options
     * @param  list<string>  $dropped  options that no shopper sees
     * @param  list<string>  $order  the supplier's names, as they are to stand
     * @return array<string, string>
     */
    public static function apply(array $names, array $options, array $dropped = [], array $order = []): array
    {
        $options = array_diff_key($options, array_flip($dropped));
        $options =
            array_intersect_key(array_flip($order), $options) === []
                ? $options
                : array_replace(array_intersect_key(array_fill_keys($order, ''), $options), $options);
        $named = [];
        foreach ($options as $name => $value) {
            $as = $names[$name]['as'] ?? '';
            $shown = $names[$name]['values'][$value] ?? '';
            $named[$as === '' ? $name : $as] = $shown === '' ? $value : $shown;
        }

        return $named;
    }

    /**
     * These, and what is said besides; what isn't said stays as it is.
     *
     * @param  Names  $names
     * @param  array<string, array{as?: string|null, values?: array<string, string|null>}>  $said
     * @return array<string, array{as?: string|null, values?: array<string, string|null>}>
     */
    public static function with(array $names, array $said): array
    {
        foreach ($said as $option => $own) {
            $before = $names[$option] ?? ['as' => '', 'values' => []];
            $names[$option] = [
                'as' => array_key_exists('as', $own) ? $own['as'] : $before['as'],
                'values' => array_replace($before['values'], $own['values'] ?? []),
            ];
        }

        return $names;
    }

    /**
     * @param  array<string, array{as?: string|null, values?: array<string, string|null>}>  $names
     * @return Names|null
     */
    public static function tidy(array $names): ?array
    {
        $tidy = [];
        foreach ($names as $name => $own) {
            $values = array_filter(
                array_map(static fn (?string $v): string => trim((string) $v), $own['values'] ?? []),
                static fn (string $v): bool => $v !== '',
            );
            $as = trim((string) ($own['as'] ?? ''));
            if ($as !== '' || $values !== []) {
                $tidy[(string) $name] = ['as' => $as, 'values' => $values];
            }
        }

        return $tidy === [] ? null : $tidy;
    }
}
