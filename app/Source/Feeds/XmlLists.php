<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

use WindowStall\Core\Feeds\ColumnNames;

/**
 * Learns from the first elements of an XML file where its goods stand: of the outermost elements that stand several
 * times, the one whose fields are called most like those of goods.
 */
final class XmlLists
{
    /** How deep a record of goods may lie under the root. */
    private const DEEPEST = 4;

    /** @var array<string, int> how often each path stands, "list/goods" */
    private array $counts = [];

    /** @var array<string, array<string, true>> the local names of what stands anywhere under a path */
    private array $under = [];

    /** @var array<string, array<string, array<string, true>>> by path and local name, the prefixes it stands with */
    private array $prefixes = [];

    /**
     * @param  non-empty-list<string>  $path  local names from the root to the element
     * @param  list<string>  $attributes
     */
    public function met(array $path, string $prefix, array $attributes): void
    {
        $depth = count($path) - 1;
        $name = $path[$depth];
        $above = $path[0];
        for ($at = 1; $at < $depth; $at++) {
            $above .= '/'.$path[$at];
            if ($at <= self::DEEPEST) {
                $this->under[$above][$name] = true;
                $this->prefixes[$above][$name][$prefix] = true;
            }
        }
        if ($depth >= 1 && $depth <= self::DEEPEST) {
            $whole = $above.'/'.$name;
            $this->counts[$whole] = ($this->counts[$whole] ?? 0) + 1;
            $this->under[$whole] = ($this->under[$whole] ?? []) + array_fill_keys($attributes, true);
        }
    }

    /** @return string|null the path of the goods; null where nothing stands under the root */
    public function goods(): ?string
    {
        $several = array_keys(array_filter($this->counts, static fn (int $n): bool => $n > 1));
        $outermost = static fn (string $path): bool => ! self::isWithin($path, $several);
        $outer = array_values(array_filter($several, $outermost));
        $scores = array_combine($outer, array_map($this->likeGoods(...), $outer));
        if ($scores !== [] && max($scores) > 0) {
            return (string) array_search(max($scores), $scores, true);
        }
        // Perhaps there is a single item, and what stands several times is its pictures.
        $all = array_map(strval(...), array_keys($this->counts));
        $scores = array_combine($all, array_map($this->likeGoods(...), $all));
        if ($scores !== [] && max($scores) > 0) {
            // Of elements that hold the same, the innermost is the item.
            return (string) array_search(max($scores), array_reverse($scores, true), true);
        }

        return $outer[0] ?? $all[0] ?? null;
    }

    /**
     * Elements that a person may take for the goods: the outermost that stand several times, and what was found.
     *
     * @return list<string> paths, in the file's order
     */
    public function several(string $found): array
    {
        $several = array_keys(array_filter($this->counts, static fn (int $n): bool => $n > 1));
        $outermost = static fn (string $path): bool => $path === $found || ! self::isWithin($path, $several);
        $lists = array_filter(array_unique([...$several, $found]), $outermost);

        return array_values(array_map(strval(...), $lists));
    }

    /** @return array<string, true> the local names that stand with several prefixes under a path */
    public function twice(string $path): array
    {
        $prefixes = $this->prefixes[$path] ?? [];
        $several = array_filter($prefixes, static fn (array $of): bool => count($of) > 1);

        return array_fill_keys(array_keys($several), true);
    }

    private function likeGoods(string $path): float
    {
        return ColumnNames::likeGoods(array_map(strval(...), array_keys($this->under[$path] ?? [])));
    }

    /** @param  list<string>  $paths */
    private static function isWithin(string $path, array $paths): bool
    {
        foreach ($paths as $outer) {
            if (str_starts_with($path, $outer.'/')) {
                return true;
            }
        }

        return false;
    }
}
