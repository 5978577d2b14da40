<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left;

/** Names in a sentence: "Twine", "Twine and Pots", "Twine, Pots and 4 others". */
final class Named
{
    private const FEW = 3;

    /** @param  list<string>  $names */
    public static function few(array $names): string
    {
        $more = count($names) - self::FEW;
        $said = $more > 1 ? [...array_slice($names, 0, self::FEW), $more.' others'] : $names;
        $last = (string) array_pop($said);

        return $said === [] ? $last : implode(', ', $said).' and '.$last;
    }
}
