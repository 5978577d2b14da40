<?php

declare(strict_types=1);

namespace WindowStall\Core\Bench;

/** Variants that are one for the shopper once an option is dropped; the best for the market comes first. */
final readonly class TwinGroup
{
    /**
     * @param  array<string, string>  $options  what is left of them
     * @param  non-empty-list<Twin>  $twins
     * @param  string  $why  the first is kept, in words
     */
    private function __construct(public array $options, public array $twins, public string $why)
    {
    }

    /**
     * Of each group, what lands cheapest is kept; of equals the fastest, then the one with most stock. What has stock
     * and can be delivered comes before what hasn't.
     *
     * @param  list<Twin>  $variants
     * @return list<self> in the order of the variants
     */
    public static function without(array $variants, string $option): array
    {
        $groups = [];
        foreach ($variants as $variant) {
            $left = array_diff_key($variant->options, [$option => true]);
            $key = json_encode($left, JSON_THROW_ON_ERROR);
            $groups[$key]['options'] = $left;
            $groups[$key]['twins'][] = $variant;
        }

        return array_values(
            array_map(static function (array $group): self {
                $twins = $group['twins'];
                usort($twins, static fn (Twin $a, Twin $b): int => self::rank($a) <=> self::rank($b));

                return new self($group['options'], $twins, self::why($twins));
            }, $groups),
        );
    }

    /** @return list<int> */
    private static function rank(Twin $twin): array
    {
        return [
            $twin->landed === null ? 1 : 0,
            $twin->stock > 0 ? 0 : 1,
            $twin->landed->minor ?? 0,
            $twin->days->max ?? 0,
            -$twin->stock,
            $twin->id,
        ];
    }

    /** @param  non-empty-list<Twin>  $twins */
    private static function why(array $twins): string
    {
        $first = $twins[0];
        $second = $twins[1] ?? null;
        if ($second === null) {
            return 'it is the only one';
        }
        [$a, $b] = [self::rank($first), self::rank($second)];

        return match (true) {
            $a[0] !== $b[0] => 'it alone can be delivered',
            $a[1] !== $b[1] => 'it alone is in stock',
            $a[2] !== $b[2] => 'it lands cheapest',
            $a[3] !== $b[3] => 'it lands as cheap and comes faster',
            $a[4] !== $b[4] => 'it is as cheap and fast, with more in stock',
            default => 'they are alike',
        };
    }
}
