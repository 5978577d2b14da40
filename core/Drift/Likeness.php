<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Source\Item;
use WindowStall\Core\Source\Variant;

/** Whether goods are those of before under other codes: told by SKU, by barcode, or by likeness. It only proposes. */
final class Likeness
{
    /** Titles are alike when they share so much of all their words, in basis points (Jaccard index). */
    private const TITLES = 5_000;

    /** And costs when they differ by no more, in basis points of the dearer. */
    private const COSTS = 3_000;

    /** Words shorter than this tell nothing. */
    private const SHORT = 3;

    /**
     * Of variants that aren't there any more, those that stand there under another id. A sign tells only where no two
     * share it.
     *
     * @param  list<Variant>  $before  all of an item's
     * @param  list<Variant>  $now
     * @return array<string, array{Variant, string}> id of the gone one → the new one, and by what it is told
     */
    public static function variants(array $before, array $now): array
    {
        [$was, $is] = [self::ids($before), self::ids($now)];
        $found = $taken = [];
        foreach (self::signs() as $why => $sign) {
            $bySign = array_diff_key($was, $is) === [] ? [] : self::unique($now, $sign);
            foreach (self::unique($before, $sign) as $value => $variant) {
                $other = $bySign[$value] ?? null;
                $free = $other !== null && ! isset($was[$other->id]) && ! isset($taken[$other->id]);
                if ($free && ! isset($is[$variant->id]) && ! isset($found[$variant->id])) {
                    $found[$variant->id] = [$other, $why];
                    $taken[$other->id] = true;
                }
            }
        }

        return $found;
    }

    /** By what an item is told to be another under a new id; null where it isn't alike. */
    public static function item(Item $gone, Item $other): ?string
    {
        if ($gone->currency !== $other->currency || ($gone->blank === null) !== ($other->blank === null)) {
            return null;
        }
        $skus = static fn (Variant $v): string => mb_strtolower($v->sku);
        $barcodes = static fn (Variant $v): string => (string) $v->barcode;

        return match (true) {
            self::half($gone->variants, $other->variants, $skus) => 'the same SKUs',
            self::half($gone->variants, $other->variants, $barcodes) => 'the same barcodes',
            self::alike($gone, $other) => 'much the same title and cost',
            default => null,
        };
    }

    /**
     * @param  list<Variant>  $variants
     * @return array<string, true>
     */
    private static function ids(array $variants): array
    {
        return array_fill_keys(array_map(static fn (Variant $v): string => $v->id, $variants), true);
    }

    /** @return array<string, callable(Variant): string> by what → its sign; the surest first */
    private static function signs(): array
    {
        return [
            'the same SKU' => static fn (Variant $v): string => mb_strtolower($v->sku),
            'the same barcode' => static fn (Variant $v): string => (string) $v->barcode,
            'the same options' => static fn (Variant $v): string => mb_strtolower($v->label()),
        ];
    }

    /**
     * Those whose sign no other of them has.
     *
     * @param  list<Variant>  $variants
     * @param  callable(Variant): string  $sign
     * @return array<string, Variant>
     */
    private static function unique(array $variants, callable $sign): array
    {
        $by = [];
        foreach ($variants as $variant) {
            $by[$sign($variant)][] = $variant;
        }
        unset($by['']);

        $alone = array_filter($by, static fn (array $all): bool => count($all) === 1);

        return array_map(static fn (array $one): Variant => $one[0], $alone);
    }

    /**
     * Whether at least half of the one's variants have their sign among the other's.
     *
     * @param  list<Variant>  $of
     * @param  list<Variant>  $among
     * @param  callable(Variant): string  $sign
     */
    private static function half(array $of, array $among, callable $sign): bool
    {
        $signs = array_filter(array_map($sign, $of), static fn (string $s): bool => $s !== '');
        $shared = array_intersect($signs, array_map($sign, $among));

        return $shared !== [] && 2 * count($shared) >= count($of);
    }

    private static function alike(Item $gone, Item $other): bool
    {
        if ($gone->variants === [] || $other->variants === []) {
            return false;
        }
        [$a, $b] = [self::words($gone->title), self::words($other->title)];
        $all = count($a + $b);
        [$was, $is] = [self::cost($gone), self::cost($other)];

        return $all > 0
            && count(array_intersect_key($a, $b)) * 10_000 >= $all * self::TITLES
            && abs($was - $is) * 10_000 <= max($was, $is) * self::COSTS
            && ($gone->category === '' || $other->category === '' || $gone->category === $other->category);
    }

    /** The least of its variants. */
    private static function cost(Item $item): int
    {
        $costs = array_map(static fn (Variant $v): int => $v->cost->minor, $item->variants);

        return $costs === [] ? 0 : min($costs);
    }

    /** @return array<string, true> */
    private static function words(string $title): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($title)) ?: [];
        $telling = array_filter($words, static fn (string $w): bool => mb_strlen($w) >= self::SHORT);

        return array_fill_keys(array_values($telling), true);
    }
}
