<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/**
 * Reads a title as a shopper would: too long, shouted, stuffed with search words, a supplier's codes, the same as
 * another.
 */
final class TitleHelp
{
    /** Letters of a title that a phone shows on two lines of a card. */
    public const GOOD_LENGTH = 60;

    /** From so many words on, a title is looked at for stuffing. */
    private const MANY_WORDS = 9;

    /** A single word below so many letters says too little. */
    private const SHORT = 8;

    /** Shorter words may be in capitals, and stand more than once. */
    private const LONG_WORD = 4;

    private const PUFF = [
        'hot',
        'new',
        'best',
        'seller',
        'bestseller',
        'sale',
        'cheap',
        'free',
        'shipping',
        'high',
        'quality',
        'premium',
        'amazing',
        'must',
        'have',
        'top',
        'popular',
        'fashion',
        'trending',
        'wholesale',
        'dropshipping',
        'limited',
        'genuine',
        'luxury',
        '100%',
        'gift',
        'outdoor',
        'portable',
        'multifunctional',
        '1pc',
        '2pcs',
        'pcs',
    ];

    /**
     * @param  array<int, string>  $others  titles of the stall's other listings
     * @return list<TitleNote> the worst first
     */
    public static function about(string $title, array $others = []): array
    {
        preg_match_all('/[\p{L}\p{N}%’\'-]+/u', $title, $found);
        $words = $found[0];

        return array_values(array_filter([
            self::sameAsAnother($title, $others),
            self::codes($title, $words),
            self::shouting($title, $words),
            self::stuffing($title, $words),
            self::length($title, $words),
        ]));
    }

    /** @param  array<int, string>  $others */
    private static function sameAsAnother(string $title, array $others): ?TitleNote
    {
        $plain = static fn (string $t): string => mb_strtolower(trim($t));

        return $title !== '' && in_array($plain($title), array_map($plain, $others), true)
            ? new TitleNote('same', 'Another listing has this very title; shoppers can’t tell them apart.')
            : null;
    }

    /** @param  list<string>  $words */
    private static function codes(string $title, array $words): ?TitleNote
    {
        $codes = array_values(array_filter($words, OptionWords::code(...)));

        return $codes === []
            ? null
            : new TitleNote(
                'code',
                sprintf(
                    '“%s” %s a supplier’s code.',
                    implode('”, “', $codes),
                    count($codes) === 1 ? 'looks like' : 'look like',
                ),
                self::without($title, $codes),
            );
    }

    /** @param  list<string>  $words */
    private static function shouting(string $title, array $words): ?TitleNote
    {
        $shouted = array_values(array_filter($words, self::shouted(...)));

        return $shouted === []
            ? null
            : new TitleNote(
                'shouting',
                sprintf(
                    '“%s” %s shouted.',
                    implode('”, “', array_slice($shouted, 0, 3)),
                    count($shouted) === 1 ? 'is' : 'are',
                ),
                self::lower($title, $shouted),
            );
    }

    /** @param  list<string>  $words */
    private static function stuffing(string $title, array $words): ?TitleNote
    {
        $puff = array_values(
            array_filter(
                $words,
                static fn (string $w): bool => self::puff($w) || preg_match('/^20\d\d$/', $w) === 1,
            ),
        );
        $repeated = self::repeated($words);

        return match (true) {
            count($puff) > 1 => new TitleNote(
                'stuffing',
                sprintf('“%s” say nothing about the thing.', implode('”, “', array_slice($puff, 0, 4))),
                self::without($title, $puff),
            ),
            $repeated !== null => new TitleNote('stuffing', sprintf('“%s” stands more than once.', $repeated)),
            self::enumerates($words, $title) => new TitleNote(
                'stuffing',
                sprintf('%d words in a row without a pause read like search words.', count($words)),
            ),
            default => null,
        };
    }

    /** @param  list<string>  $words */
    private static function length(string $title, array $words): ?TitleNote
    {
        return match (true) {
            mb_strlen($title) > self::GOOD_LENGTH => new TitleNote(
                'long',
                sprintf('%d letters; a card on a phone shows about %d.', mb_strlen($title), self::GOOD_LENGTH),
            ),
            $title !== '' && count($words) < 2 && mb_strlen($title) < self::SHORT => new TitleNote(
                'short',
                'One short word; say what sort it is.',
            ),
            default => null,
        };
    }

    /**
     * @param  list<string>  $words
     * @return string|null the first long word that stands more than once, in small letters
     */
    private static function repeated(array $words): ?string
    {
        $seen = [];
        $twice = null;
        foreach ($words as $word) {
            $plain = mb_strtolower($word);
            if (mb_strlen($word) >= self::LONG_WORD) {
                $seen[$plain] = ($seen[$plain] ?? 0) + 1;
            }
        }
        foreach ($seen as $word => $times) {
            $twice ??= $times > 1 ? (string) $word : null;
        }

        return $twice;
    }

    private static function shouted(string $word): bool
    {
        return mb_strlen($word) >= self::LONG_WORD
            && mb_strtoupper($word) === $word
            && mb_strtolower($word) !== $word
            && ! OptionWords::code($word);
    }

    /** Whether a word only praises or announces. */
    public static function puff(string $word): bool
    {
        return in_array(mb_strtolower($word), self::PUFF, true);
    }

    /** @param  list<string>  $words */
    private static function enumerates(array $words, string $title): bool
    {
        return count($words) > self::MANY_WORDS && preg_match('/[,;:–—]| - |\(/u', $title) !== 1;
    }

    /** @param  list<string>  $words */
    private static function without(string $title, array $words): string
    {
        $pattern =
            '/(?<![\p{L}\p{N}-])(?:'.
            implode('|', array_map(static fn (string $w): string => preg_quote($w, '/'), $words)).
            ')(?![\p{L}\p{N}-])/u';
        $left = (string) preg_replace($pattern, '', $title);

        return trim(
            (string) preg_replace('/\s{2,}/u', ' ', (string) preg_replace('/\s+([,;:])/u', '$1', $left)),
            " \t,;:-",
        );
    }

    /** @param  list<string>  $words */
    private static function lower(string $title, array $words): string
    {
        foreach ($words as $word) {
            $title = str_replace(
                $word,
                mb_strtoupper(mb_substr($word, 0, 1)).mb_strtolower(mb_substr($word, 1)),
                $title,
            );
        }

        return $title;
    }
}
