<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** What the words of an option's value speak of: a size, a place, a colour or finish, a code, or a kind of goods. */
final class ValueWords
{
    /** Colours, metals, woods and other finishes: the same goods in another dress. */
    private const DRESS =
        'amber ash bamboo bark beech beige birch black blue bottle brass bronze brown burgundy cedar charcoal '.
        'cherry chalk chrome clay clear copper cream dark denim ebony ecru emerald fuchsia galvanised glass gold '.
        'golden gray green grey hazel indigo ink iron ivory jade khaki lavender leather light lilac lime linen '.
        'magenta mahogany maroon matt matte mint moss mustard natural navy nickel oak oat ochre oiled olive '.
        'orange peach pine pink plain plum purple red rose rust rusty sage salmon sand silver sky slate soil '.
        'stainless steel stone tan taupe teal terracotta turquoise violet walnut white willow wine wood wooden '.
        'yellow zinc multicolour multicolor assorted mixed bright deep pale';

    /** Words that only number or announce. */
    private const FILLERS =
        'style type kind model colour color option variant version design pattern no nr number new set pack pcs '.
        'pc piece pieces pair of x and with the a for in as picture shown random';

    private const SIZES =
        'xs s m l xl xxl xxxl 2xl 3xl 4xl small medium large mini midi maxi big little short long regular '.
        'standard wide narrow single double triple half full one size tall slim thick thin fine coarse';

    /** Whether an option's values tell sizes, amounts or capacities. */
    public static function sizes(string ...$values): bool
    {
        $sized = array_filter(
            $values,
            static fn (string $v): bool => preg_match(
                '/(?<![\p{L}\p{N}-])\d[\d.,]*\s*'.
                    '(mm|cm|m|in|inch|"|ft|ml|cl|l|litres?|liters?|g|kg|oz|lb|pcs|pack|pieces?)?\b|×|\bx\b/iu',
                $v,
            ) === 1 || array_diff(self::words($v), self::list(self::SIZES), self::list(self::FILLERS)) === [],
        );

        return count($sized) * 2 > count($values);
    }

    /** Whether an option's values tell places, such as the country goods are posted from. */
    public static function places(string $option, string ...$values): bool
    {
        return preg_match('/ship|posted|dispatch|warehouse|from|country|origin|versand|lager/i', $option) === 1 &&
            count(
                array_filter(
                    $values,
                    static fn (string $v): bool => preg_match(
                        '/^[A-Z]{2,3}$|^(china|germany|united|uk|usa|spain|france|poland|czech|russia|'.
                            'australia|italy|europe|britain|netherlands|ireland)/i',
                        trim($v),
                    ) === 1,
                ),
            ) *
                2 >
                count($values);
    }

    /**
     * Words of a value that may name goods: neither size, dress, filler nor code.
     *
     * @return list<string>
     */
    public static function telling(string $value): array
    {
        return array_values(
            array_filter(
                array_diff(
                    self::words((string) preg_replace('/\b[A-Z]{1,4}-?\d+\b/', ' ', $value)),
                    self::list(self::DRESS),
                    self::list(self::FILLERS),
                    self::list(self::SIZES),
                ),
                static fn (string $w): bool => mb_strlen($w) > 2 && preg_match('/\d/', $w) !== 1,
            ),
        );
    }

    /** @return list<string> in small letters, the plural's s cut off */
    public static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $m);

        return array_map(
            static fn (string $w): string => mb_strlen($w) > 3 && str_ends_with($w, 's') && ! str_ends_with($w, 'ss')
                ? mb_substr($w, 0, -1)
                : $w,
            $m[0],
        );
    }

    /** @return list<string> */
    private static function list(string $words): array
    {
        return array_values(array_unique([...explode(' ', $words), ...self::words($words)]));
    }
}
