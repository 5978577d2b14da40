<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/**
 * Finds different products that a supplier lists as variants of one item.
 *
 * Two values of an option are taken for different products when enough speaks for it: their words name different goods
 * (1), each named in the item's title too (½ each), another picture (½), a unit cost (1) or a weight (1) half as high
 * again. Two points tell them apart; what isn't told apart stays together. Sizes, places and colours never split an
 * item.
 */
final readonly class ProductGroups
{
    private const APART = 2.0;

    /** How many times dearer or heavier counts as another thing. */
    private const STEP = 1.5;

    /**
     * @param  string|null  $option  the option that tells the products apart; null when they are one product
     * @param  list<ProductGroup>  $groups
     */
    private function __construct(public ?string $option, public array $groups)
    {
    }

    public static function of(Item $item): self
    {
        $best = new self(null, [
            new ProductGroup('', array_map(static fn (Variant $v): string => $v->id, $item->variants), []),
        ]);
        foreach (self::values($item) as $option => $byValue) {
            $values = array_map(strval(...), array_keys($byValue));
            if (
                count($values) < 2 ||
                count($values) > 60 ||
                ValueWords::sizes(...$values) ||
                ValueWords::places($option, ...$values)
            ) {
                continue;
            }
            $groups = self::groups($item, $byValue);
            if (count($groups) > count($best->groups)) {
                $best = new self($option, $groups);
            }
        }

        return $best;
    }

    public function several(): bool
    {
        return count($this->groups) > 1;
    }

    /** @return array<string, array<string, non-empty-list<Variant>>> option → value → variants */
    private static function values(Item $item): array
    {
        $found = [];
        foreach ($item->variants as $variant) {
            foreach ($variant->options as $option => $value) {
                $found[$option][$value][] = $variant;
            }
        }

        return $found;
    }

    /**
     * @param  array<string, non-empty-list<Variant>>  $byValue
     * @return list<ProductGroup>
     */
    private static function groups(Item $item, array $byValue): array
    {
        $title = ValueWords::words($item->title);
        /** @var list<non-empty-list<string>> $groups */
        $groups = [];
        foreach (array_keys($byValue) as $value) {
            $value = (string) $value;
            foreach ($groups as $i => $group) {
                $points = array_map(
                    static fn (string $other): float => self::points(
                        $value,
                        $byValue[$value],
                        $other,
                        $byValue[$other],
                        $title,
                    ),
                    $group,
                );
                if (min($points) < self::APART) {
                    $groups[$i][] = $value;

                    continue 2;
                }
            }
            $groups[] = [$value];
        }

        return array_map(
            static fn (array $values): ProductGroup => new ProductGroup(
                self::name($values),
                array_merge(
                    ...array_map(
                        static fn (string $v): array => array_map(
                            static fn (Variant $variant): string => $variant->id,
                            $byValue[$v],
                        ),
                        $values,
                    ),
                ),
                $values,
            ),
            $groups,
        );
    }

    /**
     * @param  non-empty-list<Variant>  $ones
     * @param  non-empty-list<Variant>  $others
     * @param  list<string>  $title
     */
    private static function points(string $one, array $ones, string $other, array $others, array $title): float
    {
        [$a, $b] = [ValueWords::telling($one), ValueWords::telling($other)];
        $points = 0.0;
        if ($a !== [] && $b !== [] && array_intersect($a, $b) === []) {
            $points +=
                1.0 +
                (array_intersect($a, $title) !== [] ? 0.5 : 0.0) +
                (array_intersect($b, $title) !== [] ? 0.5 : 0.0);
        }
        if ($ones[0]->picture !== null && $others[0]->picture !== null && $ones[0]->picture !== $others[0]->picture) {
            $points += 0.5;
        }
        $points += self::stepped($ones[0]->cost->minor, $others[0]->cost->minor) ? 1.0 : 0.0;

        return $points + (self::stepped($ones[0]->grams, $others[0]->grams) ? 1.0 : 0.0);
    }

    private static function stepped(int $one, int $other): bool
    {
        return max($one, $other) >= self::STEP * max(1, min($one, $other));
    }

    /**
     * The first value's words that name goods, as the supplier writes them.
     *
     * @param  non-empty-list<string>  $values
     */
    private static function name(array $values): string
    {
        $telling = ValueWords::telling($values[0]);
        preg_match_all('/[\p{L}\p{N}]+/u', $values[0], $m);
        $words = array_filter(
            $m[0],
            static fn (string $w): bool => array_intersect(ValueWords::words($w), $telling) !== [],
        );

        return $words === [] ? $values[0] : implode(' ', $words);
    }
}
