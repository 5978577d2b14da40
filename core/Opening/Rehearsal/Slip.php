<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Rehearsal;

/** A word as somebody types it who is in a hurry. */
final class Slip
{
    private const SHORTEST = 6;

    /** "trowel" → "trowl": the last vowel but one letter from the end is left out; short words are typed right. */
    public static function of(string $word): string
    {
        $length = mb_strlen($word);
        for ($at = $length - 2; $at >= 2 && $length >= self::SHORTEST; $at--) {
            if (preg_match('/^[aeiouäöüéèêáíóúå]$/iu', mb_substr($word, $at, 1)) === 1) {
                return mb_substr($word, 0, $at).mb_substr($word, $at + 1);
            }
        }

        return $word;
    }

    /** The word of a title that says most, as far as its length tells; in small letters. "" where it has none. */
    public static function telling(string $title): string
    {
        preg_match_all('/\p{L}{4,}/u', mb_strtolower($title), $words);
        $longest = '';
        foreach ($words[0] as $word) {
            $longest = mb_strlen($word) > mb_strlen($longest) ? $word : $longest;
        }

        return $longest;
    }
}
