<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Core\Words\Plural;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\LinkTarget;

/** A menu's rows as links; what leads nowhere is left out. */
final class Ways
{
    /** @return list<array{words: string, href: string}> */
    public static function of(mixed $rows, WindowGoods $goods): array
    {
        $ways = [];
        foreach (self::named($rows, $goods) as $row) {
            $href = $row['words'] === '' ? null : LinkTarget::from($row['leads'])->href($goods);
            if ($href !== null) {
                $ways[] = ['words' => $row['words'], 'href' => $href];
            }
        }

        return $ways;
    }

    /**
     * A menu of two levels: what stands under the one before it opens with that one.
     *
     * @return list<array{words: string, href: string|null, under: list<array{words: string, href: string}>}>
     */
    public static function levels(mixed $rows, WindowGoods $goods): array
    {
        $tops = $under = [];
        foreach (self::named($rows, $goods) as $row) {
            $href = $row['words'] === '' ? null : LinkTarget::from($row['leads'])->href($goods);
            if ($row['under'] === 'no' || $tops === []) {
                $tops[] = ['words' => $row['words'], 'href' => $href];
            } elseif ($href !== null) {
                $under[count($tops) - 1][] = ['words' => $row['words'], 'href' => $href];
            }
        }
        $menu = array_map(
            static fn (array $top, int $n): array => $top + ['under' => $under[$n] ?? []],
            $tops,
            array_keys($tops),
        );

        return array_values(array_filter(
            $menu,
            static fn (array $top): bool => $top['words'] !== '' && ($top['href'] !== null || $top['under'] !== []),
        ));
    }

    /**
     * Menus beside one another: a row that leads nowhere is the heading of those after it.
     *
     * @return list<array{heading: string, ways: list<array{words: string, href: string}>}>
     */
    public static function columns(mixed $rows, WindowGoods $goods): array
    {
        $headings = $ways = [];
        foreach (self::named($rows, $goods) as $row) {
            if ($headings === [] || $row['leads'] === '') {
                $headings[] = $row['leads'] === '' ? $row['words'] : '';
            }
            $href = $row['words'] === '' ? null : LinkTarget::from($row['leads'])->href($goods);
            if ($href !== null) {
                $ways[count($headings) - 1][] = ['words' => $row['words'], 'href' => $href];
            }
        }
        $columns = [];
        foreach ($ways as $n => $some) {
            $columns[] = ['heading' => $headings[$n], 'ways' => $some];
        }

        return $columns;
    }

    /** How many are meant to lead somewhere and don't, in words; "" where all do. */
    public static function broken(mixed $rows, WindowGoods $goods): string
    {
        $broken = array_filter(
            self::rows($rows),
            static fn (array $row): bool => $row['leads'] !== '' && LinkTarget::from($row['leads'])->href($goods) === null,
        );

        return $broken === [] ? '' : Plural::of(count($broken), 'way leads nowhere', 'ways lead nowhere');
    }

    /**
     * Rows with the name of what they lead to where they have no words of their own.
     *
     * @return list<array{words: string, leads: string, under: string}>
     */
    private static function named(mixed $rows, WindowGoods $goods): array
    {
        return array_map(static fn (array $row): array => [
            'words' => $row['words'] === '' ? mb_strimwidth(LinkTarget::from($row['leads'])->name($goods), 0, 30, '…') : $row['words'],
        ] + $row, self::rows($rows));
    }

    /** @return list<array{words: string, leads: string, under: string}> */
    private static function rows(mixed $rows): array
    {
        $text = static fn (array $row, string $name): string => is_string($row[$name] ?? null) ? $row[$name] : '';

        return array_map(static fn (array $row): array => [
            'words' => $text($row, 'words'),
            'leads' => $text($row, 'leads'),
            'under' => $text($row, 'under') === 'yes' ? 'yes' : 'no',
        ], array_values(array_filter(is_array($rows) ? $rows : [], is_array(...))));
    }
}
