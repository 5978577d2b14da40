<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/**
 * From which age somebody buys what is for grown-ups only. Most countries set 18 for what they keep from minors; those below set more
 * for tobacco, spirits or knives, whichever is highest, and one that sells all of them by one question has to ask for that.
 */
final class GrownUpAge
{
    private const PLAIN = 18;

    /**
     * US: tobacco and alcohol 21 (21 CFR 1140, 23 U.S.C. 158). JP: alcohol and tobacco 20 (Act No. 20 of 1922). IS: alcohol 20
     * (Áfengislög 75/1998). KR: 19 (Youth Protection Act). CA: 19 in most provinces. LT, SE, FI, NO: spirits 20.
     */
    private const MORE = [
        'US' => 21, 'JP' => 20, 'IS' => 20, 'LT' => 20, 'SE' => 20, 'FI' => 20, 'NO' => 20, 'KR' => 19, 'CA' => 19,
    ];

    /** @param  string  $country  ISO 3166-1 */
    public static function of(string $country): int
    {
        return self::MORE[$country] ?? self::PLAIN;
    }
}
