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
        $notes = [];
        foreach ($others as $other) {
            if (mb_strtolower(trim($other)) === mb_strtolower(trim($title)) && $title !== '') {
                $notes[] = new TitleNote(
                    'same',
                    'Another listing has this very title; shoppers can’t tell them apart.',
                );
                break;
            }
        }
        preg_match_all('/[\p{L}\p{N}%’\'-]+/u', $title, $m);
        $words = $m[0];
        $codes = array_values(array_filter($words, self::code(...)));
        if ($codes !== []) {
            $notes[] = new TitleNote(
                'code',
                sprintf(
                    '“%s” %s a supplier’s code.',
                    implode('”, “', $codes),
                    count($codes) === 1 ? 'looks like' : 'look like',
                ),
                self::without($title, $codes),
            );
        }
        $shouted = array_values(
            array_filter(
                $words,
                static fn (string $w): bool => mb_strlen($w) > 3 &&
                    mb_strtoupper($w) === $w &&
                    mb_strtolower($w) !== $w &&
                    ! self::code($w),
            ),
        );
        if ($shouted !== []) {
            $notes[] = new TitleNote(
                'shouting',
                sprintf(
                    '“%s” %s shouted.',
                    implode('”, “', array_slice($shouted, 0, 3)),
                    count($shouted) === 1 ? 'is' : 'are',
                ),
                self::lower($title, $shouted),
            );
        }
        $puff = array_values(
            array_filter(
                $words,
                static fn (string $w): bool => in_array(mb_strtolower($w), self::PUFF, true) ||
                    preg_match('/^20\d\d$/', $w) === 1,
            ),
        );
        $repeated = array_keys(
            array_filter(
                array_count_values(
                    array_map(
                        mb_strtolower(...),
                        array_filter($words, static fn (string $w): bool => mb_strlen($w) > 3),
                    ),
                ),
                static fn (int $n): bool => $n > 1,
            ),
        );
        if (count($puff) > 1 || $repeated !== [] || self::enumerates($words, $title)) {
            $notes[] = new TitleNote(
                'stuffing',
                match (true) {
                    count($puff) > 1 => sprintf(
                        '“%s” say nothing about the thing.',
                        implode('”, “', array_slice($puff, 0, 4)),
                    ),
                    $repeated !== [] => sprintf('“%s” stands more than once.', (string) $repeated[0]),
                    default => sprintf('%d words in a row without a pause read like search words.', count($words)),
                },
                count($puff) > 1 ? self::without($title, $puff) : null,
            );
        }
        if (mb_strlen($title) > self::GOOD_LENGTH) {
            $notes[] = new TitleNote(
                'long',
                sprintf('%d letters; a card on a phone shows about %d.', mb_strlen($title), self::GOOD_LENGTH),
            );
        } elseif ($title !== '' && count($words) < 2 && mb_strlen($title) < 8) {
            $notes[] = new TitleNote('short', 'One short word; say what sort it is.');
        }

        return $notes;
    }

    /** Whether a word only praises or announces. */
    public static function puff(string $word): bool
    {
        return in_array(mb_strtolower($word), self::PUFF, true);
    }

    /** "STL-01", "OD1048B": letters and digits mixed, or a hyphen between capitals and digits; not "5L" or "12V". */
    private static function code(string $word): bool
    {
        return preg_match('/^(?=.*\d)(?=.*[A-Z])[A-Z\d]{2,}(?:-[A-Z\d]+)+$|^[A-Z]{1,4}\d{3,}[A-Z\d]*$/', $word) === 1;
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
