<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening;

/** The words of a sentence that say what a shop sells: without those that any shop could say of itself. */
final class NicheWords
{
    /** More would search for anything. */
    public const MOST = 12;

    private const SHORTEST = 3;

    private const SAYS_NOTHING = [
        'and', 'are', 'all', 'any', 'best', 'but', 'buy', 'by', 'every', 'everything', 'few', 'fine', 'for', 'from', 'gift', 'gifts',
        'good', 'goods', 'great', 'have', 'home', 'its', 'kind', 'kinds', 'like', 'love', 'made', 'make', 'makes', 'many', 'more',
        'most', 'need', 'nice', 'not', 'of', 'online', 'other', 'our', 'own', 'people', 'products', 'quality', 'range', 'sell',
        'selling', 'sells', 'shop', 'small', 'some', 'stall', 'store', 'such', 'that', 'the', 'their', 'them', 'these', 'they',
        'thing', 'things', 'this', 'those', 'to', 'want', 'what', 'who', 'with', 'without', 'you', 'your',
    ];

    /** @return list<string> in small letters, each once, in the order they were said */
    public static function of(string $sentence): array
    {
        preg_match_all('/[\p{L}\p{N}]+(?:-[\p{L}\p{N}]+)*/u', mb_strtolower($sentence), $found);
        $words = array_filter(
            $found[0],
            static fn (string $word): bool => mb_strlen($word) >= self::SHORTEST && ! in_array($word, self::SAYS_NOTHING, true),
        );

        return array_slice(array_values(array_unique($words)), 0, self::MOST);
    }

    /**
     * How much it says of an item that a word finds it: the rarer the word, the more (inverse document frequency,
     * ln(N ÷ n), Spärck Jones 1972), in thousandths; never nothing.
     *
     * @param  int  $found  items the word finds
     * @param  int  $of  items there are
     */
    public static function weight(int $found, int $of): int
    {
        return $found <= 0 ? 0 : max(1, (int) round(1000 * log(max($of, $found) / $found)));
    }
}
