<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

/** Countries as they stand in a sentence. */
final class Country
{
    /** Those whose names English gives an article. */
    private const WITH_ARTICLE = [
        'AE', 'AX', 'BS', 'CC', 'CD', 'CF', 'CK', 'CX', 'DO', 'FK', 'FO', 'GB', 'GM', 'IM', 'IO', 'KM', 'KY', 'MH', 'MP', 'MV',
        'NL', 'PH', 'PN', 'SB', 'SC', 'TC', 'UM', 'US', 'VA', 'VG', 'VI',
    ];

    /**
     * @param  string  $code  ISO 3166-1 alpha-2
     * @param  string  $name  in English
     * @return string "the United Kingdom", "Germany"
     */
    public static function said(string $code, string $name): string
    {
        return in_array($code, self::WITH_ARTICLE, true) ? 'the '.$name : $name;
    }
}
