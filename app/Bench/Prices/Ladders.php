<?php

declare(strict_types=1);

namespace WindowStall\Bench\Prices;

use WindowStall\Bench\Listing;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Offers\Rung;
use WindowStall\Core\Pricing\Offers\RungKind;
use WindowStall\Core\Pricing\Recipe\RecipeUnreadable;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Support\Views\Percent;

/** A listing's multi-buy ladder, as it is stored and typed: [{pieces, kind, value, words?}], a percentage or an amount. */
final class Ladders
{
    public const MOST_RUNGS = 5;

    /** @return array<int, string> what the stall says on its rungs, by the pieces from which each begins */
    public static function words(Listing $listing): array
    {
        return array_filter(array_column($listing->own_ladder ?? [], 'words', 'pieces'));
    }

    public static function of(Listing $listing, Stall $stall): ?Ladder
    {
        return $listing->own_ladder === null || $listing->own_ladder === []
            ? null
            : self::read($listing->own_ladder, $stall);
    }

    /**
     * @param  list<array{pieces: int, kind: string, value: string, words?: string}>  $rungs  amounts in the stall's currency
     * @return Ladder in the currency of the market the stall is seen from
     *
     * @throws Refusal
     */
    public static function read(array $rungs, Stall $stall): Ladder
    {
        $money = static fn (string $text): Money => $stall->seen()->show(Money::parse($text, $stall->currencyValue()));
        try {
            return new Ladder(
                array_map(
                    static fn (array $r): Rung => match (RungKind::from($r['kind'])) {
                        RungKind::Percent => Rung::percent(
                            $r['pieces'],
                            Rate::bp(
                                Percent::parse($r['value']) ??
                                    throw new Refusal(
                                        sprintf(
                                            '“%s” is no percentage. Write it as 10 or 12.5.',
                                            mb_substr($r['value'], 0, 20),
                                        ),
                                    ),
                            ),
                        ),
                        RungKind::Amount => Rung::amount($r['pieces'], $money($r['value'])),
                        RungKind::Total => Rung::total($r['pieces'], $money($r['value'])),
                    },
                    $rungs,
                ),
            );
        } catch (RecipeUnreadable $e) {
            throw new Refusal($e->getMessage());
        }
    }
}
