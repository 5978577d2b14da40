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

    /**
     * Whether something stands there that hasn't been met yet.
     *
     * @param  non-empty-list<string>  $path
     */
    public function isNew(array $path): bool
    {
        $depth = count($path) - 1;
        if ($depth < 1) {
            return false;
        }
        if ($depth <= self::DEEPEST) {
            return ! isset($this->counts[implode('/', $path)]);
        }
        $record = implode('/', array_slice($path, 0, self::DEEPEST + 1));

        return ! isset($this->under[$record][$path[$depth]]);
    }

    /** @param  non-empty-list<string>  $path  met once more */
    public function again(array $path): void
    {
        if (count($path) - 1 <= self::DEEPEST) {
            $whole = implode('/', $path);
            $this->counts[$whole] = ($this->counts[$whole] ?? 0) + 1;
        }
    }

    public function knows(string $path): bool
    {
        return isset($this->counts[$path]);
    }

    /**
     * The paths at which the same stands: of one name and one depth under the same root, with fields in common, such as
     * "shop/garden/item" and "shop/kitchen/item".
     *
     * @return non-empty-list<string>
     */
    public function alike(string $goods): array
    {
        $fields = $this->under[$goods] ?? [];
        $end = (string) strrchr($goods, '/');
        $alike = [$goods];
        foreach (array_keys($this->counts) as $path) {
            $path = (string) $path;
            $common = count(array_intersect_key($this->under[$path] ?? [], $fields));
            $same = substr_count($path, '/') === substr_count($goods, '/')
                && str_ends_with($path, $end)
                && strtok($path, '/') === strtok($goods, '/');
            if ($path !== $goods && $same && $common * 2 > count($fields)) {
                $alike[] = $path;
            }
        }

        return $alike;
    }

    /** @return string|null the path of the goods; null where nothing stands under the root */
    public function goods(): ?string
    {
        $several = $this->standingSeveralTimes();
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
        $several = $this->standingSeveralTimes();
        $outermost = static fn (string $path): bool => $path === $found || ! self::isWithin($path, $several);
        $lists = array_filter(array_unique([...$several, $found]), $outermost);
        // What is read together with the one that was found isn't offered besides.
        $with = array_diff($this->alike($found), [$found]);

        return array_values(array_diff(array_map(strval(...), $lists), $with));
    }

    /** @return array<string, true> the local names that stand with several prefixes under a path */
    public function twice(string $path): array
    {
        $prefixes = array_merge_recursive(
            ...array_map(fn (string $alike): array => $this->prefixes[$alike] ?? [], $this->alike($path)),
        );
        $several = array_filter($prefixes, static fn (array $of): bool => count($of) > 1);

        return array_fill_keys(array_keys($several), true);
    }

    /** @return list<string> paths that stand several times, under one parent or one under each of several */
    private function standingSeveralTimes(): array
    {
        $alike = static fn (string $path): string => substr_count($path, '/').strrchr($path, '/');
        $together = [];
        foreach ($this->counts as $path => $n) {
            $together[$alike((string) $path)] = ($together[$alike((string) $path)] ?? 0) + $n;
        }

        return array_values(array_filter(
            array_map(strval(...), array_keys($this->counts)),
            fn (string $path): bool => $this->counts[$path] > 1
                || ($together[$alike($path)] > 1 && $this->likeGoods($path) > 0),
        ));
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
