<?php

declare(strict_types=1);

namespace WindowStall\Core\Opening\Left\Points;

use WindowStall\Core\Opening\Left\LeftFacts;
use WindowStall\Core\Opening\Left\LeftItem;
use WindowStall\Core\Opening\Left\LeftPoint;
use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Core\Opening\Left\Named;
use WindowStall\Core\Opening\Left\Weight;
use WindowStall\Core\Words\Plural;

/** Goods that can’t be sent to a place. */
final class GoodsGetThere implements LeftPoint
{
    public function left(LeftFacts $facts): ?LeftItem
    {
        if ($facts->holes === []) {
            return null;
        }
        $all = array_filter($facts->holes, static fn (array $goods): bool => count($goods) >= $facts->goods);
        $place = (string) array_key_first($all ?: $facts->holes);
        $goods = $facts->holes[$place];

        return new LeftItem(
            $all === [] ? Weight::Pity : Weight::Stops,
            $all === []
                ? sprintf('%s can’t be sent to %s', count($goods) === 1 ? $goods[0] : Plural::of(count($goods), 'thing'), $place)
                : sprintf('Nothing can be sent to %s', $place),
            sprintf(
                'A shopper there reads so at the checkout.%s%s',
                count($goods) > 1 && $all === [] ? ' '.Named::few($goods).'.' : '',
                count($facts->holes) > 1 ? ' Likewise some to '.Named::few(array_values(array_diff(array_keys($facts->holes), [$place]))).'.' : '',
            ),
            MendedAt::Delivery,
            'Where it goes',
        );
    }

    public function stands(LeftFacts $facts): string
    {
        return $facts->goods > 0 && $facts->holes === [] ? 'everything can be sent everywhere you send to' : '';
    }

    public function rank(): int
    {
        return 50;
    }
}
