<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Doubt;

/**
 * Signs by rule that an order isn't meant well. One sign of weight, or two lighter ones, hold it; nothing is ever refused by
 * itself. Whoever had a parcel before is doubted for their cards alone.
 */
final class Doubts
{
    /** Cards that didn't pay before one did. */
    private const CARDS = 3;

    /** Orders there must be before one can be unlike them. */
    private const ENOUGH = 20;

    /** Unlike others is what has this many times the pieces of all but one in twenty. */
    private const TIMES = 3;

    /** Mail that anybody can read and nobody keeps; hosts that are made for that, by their names. */
    private const THROW_AWAY = '/(^|\.)(?:[\w-]*(?:throwaway|trashmail|tempmail|temp-mail|10minute|disposable|onetime)[\w-]*)\./';

    /** @return list<DoubtSign> those that hold it; none where it may go */
    public static function of(DoubtFacts $facts): array
    {
        $heavy = array_keys(array_filter([
            DoubtSign::ManyCards->value => $facts->cards >= self::CARDS,
            DoubtSign::ManyPieces->value => ! $facts->known && self::isUnlike($facts->pieces, $facts->usual),
        ]));
        $light = $facts->known ? [] : array_keys(array_filter([
            DoubtSign::FarCard->value => $facts->cardCountry !== null && $facts->cardCountry !== $facts->country,
            DoubtSign::ThrowAwayMail->value => preg_match(self::THROW_AWAY, $facts->mailHost.'.') === 1,
        ]));

        return $heavy === [] && count($light) < 2 ? [] : array_map(DoubtSign::from(...), [...$heavy, ...$light]);
    }

    /** @param  list<int>  $usual */
    private static function isUnlike(int $pieces, array $usual): bool
    {
        if (count($usual) < self::ENOUGH) {
            return false;
        }
        sort($usual);

        return $pieces > self::TIMES * $usual[(int) ceil(count($usual) * 0.95) - 1];
    }
}
