<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening;

/** The shelves that the first goods of a shop stand on: by how their suppliers file them. */
final class FirstShelves
{
    public const MOST = 4;

    /** One thing alone needs no shelf. */
    private const FEWEST = 2;

    private const BETWEEN = '/\s*[>\/|»]\s*/u';

    /**
     * @param  array<int, string>  $filed  goods → category as the supplier writes it, such as "Garden > Hand tools"
     * @return array<string, list<int>> name → goods, the fullest first
     */
    public static function of(array $filed): array
    {
        $names = $shelves = [];
        foreach ($filed as $goods => $category) {
            $steps = preg_split(self::BETWEEN, trim($category)) ?: [];
            $name = (string) end($steps);
            if ($name !== '') {
                // Written differently by two suppliers it is one shelf.
                $name = $names[mb_strtolower($name)] ??= mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
                $shelves[$name][] = $goods;
            }
        }
        $shelves = array_filter($shelves, static fn (array $goods): bool => count($goods) >= self::FEWEST);
        uksort($shelves, static fn (string $a, string $b): int => [count($shelves[$b]), $a] <=> [count($shelves[$a]), $b]);

        return array_slice($shelves, 0, self::MOST, true);
    }
}
