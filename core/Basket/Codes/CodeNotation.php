<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

use WindowStall\Core\Money\Currency;
use WindowStall\Core\Pricing\Recipe\Fields;
use WindowStall\Core\Pricing\Recipe\RecipeNotation;

/**
 * What a code takes off, as it is kept and as the API has it: {by: "percent", share: "0.1"}, {by: "amount", amount: "5.00"},
 * {by: "pieces", of: 3, paid: 2}, {by: "gift", goods: 12}, {by: "set", goods: [12, 14], price: "18.00"} or {by: "delivery"}.
 *
 * @phpstan-type WrittenReduction array<string, string|int|list<int>>
 */
final class CodeNotation
{
    public static function read(Fields $f, string $at, Currency $currency): Reduction
    {
        $by = $f->get($at.'.by');
        switch (is_string($by) ? $by : '') {
            case 'percent':
                $share = $f->rate($at.'.share');
                if ($share->millionths === 0) {
                    $f->problem($at.'.share', 'Something has to be taken off.');
                }

                return new PercentOff($share);
            case 'amount':
                $amount = $f->amount($at.'.amount', $currency);
                if ($amount->minor === 0) {
                    $f->problem($at.'.amount', 'Something has to be taken off.');
                }

                return new AmountOff($amount);
            case 'pieces':
                $of = $f->whole($at.'.of', 2, 20);
                $paid = $f->whole($at.'.paid', 1, 19);
                if ($paid >= $of) {
                    // Where the one can't be read, nothing is said of the other.
                    $f->problem($at.(isset($f->problems()[$at.'.of']) ? '.of' : '.paid'), 'Fewer are paid than are taken.');
                    $paid = $of - 1;
                }

                return new PiecesFree($of, $paid);
            case 'gift':
                return new Gift($f->whole($at.'.goods', 1, PHP_INT_MAX));
            case 'set':
                return self::set($f, $at, $currency);
            case 'delivery':
                return new DeliveryOff;
            default:
                $f->problem($at.'.by', 'One of these belongs here: "percent", "amount", "pieces", "gift", "set", "delivery".');

                return new DeliveryOff;
        }
    }

    private static function set(Fields $f, string $at, Currency $currency): Reduction
    {
        $price = $f->amount($at.'.price', $currency);
        $goods = $f->get($at.'.goods');
        $goods = is_array($goods) ? array_values(array_filter($goods, static fn (mixed $id): bool => is_int($id) && $id > 0)) : [];
        if ($price->minor === 0 && ! isset($f->problems()[$at.'.price'])) {
            $f->problem($at.'.price', 'A set costs something.');
        }
        if (count($goods) < SetPrice::LEAST || count($goods) > SetPrice::MOST) {
            $f->problem($at.'.goods', sprintf('Choose %d to %d goods for a set.', SetPrice::LEAST, SetPrice::MOST));

            return new DeliveryOff;
        }
        if (count(array_unique($goods)) < count($goods)) {
            $f->problem($at.'.goods', 'Each of the goods stands in a set once.');

            return new DeliveryOff;
        }

        return new SetPrice($price, $goods);
    }

    /** @return WrittenReduction */
    public static function write(Reduction $reduction): array
    {
        return match (true) {
            $reduction instanceof PercentOff => [
                'by' => 'percent',
                'share' => RecipeNotation::decimal($reduction->share->millionths),
            ],
            $reduction instanceof AmountOff => ['by' => 'amount', 'amount' => $reduction->amount->digits()],
            $reduction instanceof PiecesFree => ['by' => 'pieces', 'of' => $reduction->of, 'paid' => $reduction->paid],
            $reduction instanceof Gift => ['by' => 'gift', 'goods' => $reduction->goods],
            $reduction instanceof SetPrice => [
                'by' => 'set',
                'goods' => $reduction->goods,
                'price' => $reduction->price->digits(),
            ],
            $reduction instanceof DeliveryOff => ['by' => 'delivery'],
            default => throw new \LogicException('Every reduction has a notation.'),
        };
    }
}
