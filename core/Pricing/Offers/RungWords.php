<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Offers;

/** What a stall writes on a rung of its own: anything but what only figures can say. */
final class RungWords
{
    /** Letters. */
    public const MOST = 40;

    /** In the five languages shops are read in: that others choose it, and that it is the cheapest of all. */
    private const CLAIMS = '/\b(?:best(?:er|e|es)? (?:value|wert|preis|prijs|koop|deal|price)|best ?-?sell\w*|most (?:popular|chosen|bought|loved)'
        .'|(?:chosen|bought) most|popular|favou?rite|everybody’?s|beliebt\w*|meist ?-?(?:gekauft|verkauft|gewählt)\w*|meilleur\w*|populaire'
        .'|le plus (?:vendu|choisi|populaire)|más (?:vendido|elegido|popular)|mejor (?:precio|valor|oferta)|meest (?:gekozen|verkocht)'
        .'|beste (?:waarde|koop))\b/iu';

    /** @throws RungWordsRefused */
    public static function read(string $typed): string
    {
        // In a table straight quotes stand around it.
        $words = trim((string) preg_replace('/\s+/u', ' ', str_replace('"', '”', $typed)));
        if (mb_strlen($words) > self::MOST) {
            throw RungWordsRefused::long(mb_strlen($words));
        }
        if (preg_match(self::CLAIMS, $words, $m) === 1) {
            throw RungWordsRefused::claim($m[0]);
        }

        return $words;
    }
}
