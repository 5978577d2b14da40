<?php

declare(strict_types=1);

namespace WindowStall\Delivery;

use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Delivery\Ways\BandCharge;
use WindowStall\Core\Delivery\Ways\BandsOf;
use WindowStall\Core\Delivery\Ways\CarrierCharge;
use WindowStall\Core\Delivery\Ways\Charge;
use WindowStall\Core\Delivery\Ways\CostCharge;
use WindowStall\Core\Delivery\Ways\FlatCharge;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\MethodPreference;
use WindowStall\Core\Delivery\Ways\PieceCharge;
use WindowStall\Core\Delivery\Ways\RuleBy;
use WindowStall\Core\Delivery\Ways\SplitCharge;
use WindowStall\Core\Delivery\Ways\Way;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;
use WindowStall\Core\Words\Weight;
use WindowStall\Support\Views\MoneyView;

/** Places and ways as they stand in the seller's sentences. */
final class PlaceWords
{
    /** Which postcodes a place is narrowed to: "IV, HS, PH17–50"; "" where it has whole countries. */
    public static function postcodes(Territory $territory): string
    {
        return $territory->postcodes?->words() ?? '';
    }

    public static function charge(Way $way): string
    {
        $flat = $way->charge instanceof FlatCharge;

        return self::amount($way->charge).match ($way->across) {
            SplitCharge::Once => ' once, however many parcels',
            SplitCharge::Sum => ' for each parcel',
            SplitCharge::Dearest => $flat ? ' once, however many parcels' : ', for the dearest parcel alone',
        };
    }

    public static function by(Way $way): string
    {
        return match (true) {
            $way->prefers === MethodPreference::Cheapest => 'the cheapest way',
            $way->under === null => 'the quickest way',
            default => 'the quickest way that costs under '.MoneyView::text($way->under),
        };
    }

    /** @param  array<int, string>  $suppliers  names by connection */
    public static function rule(GoodsRule $rule, array $suppliers): string
    {
        $goods = match ($rule->by) {
            RuleBy::Tag => 'goods tagged '.$rule->value,
            RuleBy::Heavier => 'goods over '.Weight::said((int) $rule->value),
            RuleBy::Supplier => 'goods from '.($suppliers[(int) $rule->value] ?? 'a supplier you have left'),
        };

        return $rule->more === null ? $goods.' aren’t sent there' : $goods.' cost '.MoneyView::text($rule->more).' more';
    }

    private static function amount(Charge $charge): string
    {
        return match (true) {
            $charge instanceof FlatCharge => $charge->amount->minor === 0 ? 'nothing' : MoneyView::text($charge->amount),
            $charge instanceof PieceCharge => sprintf(
                '%s for the first piece and %s for each further one',
                MoneyView::text($charge->first),
                MoneyView::text($charge->further),
            ),
            $charge instanceof BandCharge => self::bands($charge),
            $charge instanceof CostCharge => self::cost($charge),
            $charge instanceof CarrierCharge => sprintf(
                'what the carrier asks for its %s service%s, or %s where it doesn’t say,',
                $charge->service->value,
                $charge->plus->minor === 0 ? '' : ' plus '.MoneyView::text($charge->plus),
                MoneyView::text($charge->otherwise),
            ),
            default => throw new \LogicException('Every charge has its words.'),
        };
    }

    private static function bands(BandCharge $charge): string
    {
        $mark = static fn (int $upTo): string => $charge->by === BandsOf::Weight
            ? 'up to '.Weight::said($upTo)
            : 'for goods up to '.MoneyView::text($charge->beyond->with($upTo));
        $said = array_map(
            static fn (array $band): string => MoneyView::text($band['amount']).' '.$mark($band['upTo']),
            $charge->bands,
        );

        return implode(', ', [...$said, MoneyView::text($charge->beyond).($said === [] ? '' : ' beyond')]);
    }

    private static function cost(CostCharge $charge): string
    {
        $plain = $charge->times === Rate::WHOLE;

        return 'what sending it costs you'
            .($plain ? '' : ', times '.RecipeNotation::decimal($charge->times))
            .($charge->plus->minor === 0 ? '' : ($plain ? ' plus ' : ', plus ').MoneyView::text($charge->plus))
            .($charge->ending === null ? '' : ', to the next '.self::ending($charge->plus->with($charge->ending->minor))).',';
    }

    private static function ending(Money $part): string
    {
        return MoneyView::text($part);
    }
}
