<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Shop\ShopGoods;

/** Goods two across on the phone, four on a desk: the newest in the window, or chosen ones. */
final class ProductRow extends SectionKind
{
    public function key(): string
    {
        return 'goods';
    }

    public function label(): string
    {
        return 'Product row';
    }

    public function fields(): array
    {
        return [
            Field::line('heading', 'Heading', 60, 'New on the stall'),
            Field::choice('which', 'Which goods', ['newest' => 'Newest in the window', 'chosen' => 'Chosen by hand'], 'newest'),
            Field::choice('count', 'How many', ['2' => '2', '4' => '4', '6' => '6', '8' => '8', '12' => '12'], '4'),
            Field::listings('listings', 'Chosen goods', 12),
        ];
    }

    public function data(array $settings, ShopGoods $goods): array
    {
        /** @var list<int> $ids */
        $ids = $settings['listings'];
        $count = (int) $settings['count'];

        return ['goods' => $settings['which'] === 'chosen' ? array_slice($goods->only($ids), 0, $count) : $goods->newest($count)];
    }

    public function summary(array $settings): string
    {
        return $settings['heading'].' · '.($settings['which'] === 'chosen' ? count((array) $settings['listings']).' chosen' : $settings['count'].' newest');
    }
}
