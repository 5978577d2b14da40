<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/**
 * Holds a draft against what is known of a thing. Whoever wrote it, a figure, a material or a place that isn't known, a
 * name with two heads and an adjective without its noun are no words to put before a shopper.
 */
final class DraftCheck
{
    /** Words that need a noun after them. */
    private const ADJECTIVES = 'wooden|woollen|galvanised|galvanized|enamelled|stainless|handmade|recycled|vintage';

    /**
     * @param  string  $words  plain text
     * @return list<string> what is amiss, in sentences; empty where nothing is
     */
    public static function faults(string $title, string $words, ItemFacts $facts): array
    {
        $all = $title."\n".$words;

        return array_values(array_filter([
            self::doubled($title, $facts),
            self::dangling($all),
            self::unknownFigure($all, $facts),
            self::unknownMaterial($all, $facts),
            preg_match('/\[[^\]]*\]|\{[^}]*\}/', $all) === 1 ? 'It has a blank that was never filled.' : null,
        ]));
    }

    private static function doubled(string $title, ItemFacts $facts): ?string
    {
        if ($facts->own && $title === $facts->name) {
            return null;
        }
        $before = '';
        foreach (self::wordsOf($title) as $word) {
            if ($before !== '' && ($word === $before || (self::head($before) && self::head($word)))) {
                return self::together($before, $word, $facts)
                    ? null
                    : sprintf('Its title names two things at once: “%s %s”.', $before, $word);
            }
            $before = $word;
        }

        return null;
    }

    /** @return list<string> in small letters */
    private static function wordsOf(string $text): array
    {
        preg_match_all('/[\p{L}]+/u', mb_strtolower($text), $found);

        return $found[0];
    }

    private static function head(string $word): bool
    {
        return TitleFacts::isHead($word);
    }

    /** "twine tin" is one thing, if that is its name. */
    private static function together(string $one, string $other, ItemFacts $facts): bool
    {
        return $one !== $other && str_contains(mb_strtolower($facts->name), $one.' '.$other);
    }

    private static function dangling(string $text): ?string
    {
        return preg_match('/\b(?:of|in) (?:'.self::ADJECTIVES.')(?=\s*(?:[.,;<]|$|and\b))/imu', $text, $m) === 1
            ? sprintf('“%s” says half of what it means.', trim($m[0]))
            : null;
    }

    private static function unknownFigure(string $text, ItemFacts $facts): ?string
    {
        $known = json_encode($facts->toArray(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR);
        preg_match_all('/\d+(?:[.,]\d+)?/', $text, $found);
        foreach ($found[0] as $figure) {
            if (preg_match('/(?<!\d)'.preg_quote($figure, '/').'(?!\d)/', $known) !== 1) {
                return sprintf('It says “%s”, and nothing is known of that.', $figure);
            }
        }

        return null;
    }

    private static function unknownMaterial(string $text, ItemFacts $facts): ?string
    {
        $known = mb_strtolower(json_encode($facts->toArray(), JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));
        foreach (self::wordsOf($text) as $word) {
            if (TitleFacts::isMaterial($word) && ! self::known($word, $known)) {
                return sprintf('It says “%s”, and nothing is known of that.', $word);
            }
        }

        return null;
    }

    /** Also where the data says it in another form: "wooden" of wood. */
    private static function known(string $word, string $known): bool
    {
        $stem = (string) preg_replace('/(en|ed|led)$/', '', $word);

        return preg_match('/\b'.preg_quote($stem, '/').'/u', $known) === 1;
    }
}
