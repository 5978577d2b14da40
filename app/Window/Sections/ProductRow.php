<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/** Goods in a row, a grid or one by one: picked by hand or by a rule. */
final class ProductRow extends SectionKind
{
    /** Where what is sold out is passed over, so many times as many are looked at. */
    private const LOOKED_AT = 3;

    public function key(): string
    {
        return 'goods';
    }

    public function label(): string
    {
        return 'Product row';
    }

    public function rank(): int
    {
        return 50;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice(
                'which',
                'Which goods',
                [
                    'newest' => 'newest',
                    'keeping' => 'that keep most',
                    'selling' => 'that sell best',
                    'tag' => 'tagged',
                    'shelf' => 'on the shelf',
                    'under' => 'under',
                    'chosen' => 'picked by hand',
                ],
                'newest',
            ),
            SectionField::tag('tag', 'Tag'),
            SectionField::shelf('shelf', 'Shelf'),
            SectionField::amount('under', 'Under a price of', '20.00'),
            SectionField::choice(
                'count',
                'How many',
                ['2' => '2', '3' => '3', '4' => '4', '6' => '6', '8' => '8', '12' => '12'],
                '4',
            ),
            SectionField::listings('listings', 'Picked goods', 12),
            SectionField::choice('gone', 'What can’t be bought', ['show' => 'too', 'pass' => 'not'], 'show'),
            SectionField::choice('phone', 'Across on a phone', ['1' => 'one', '2' => 'two'], '2'),
            SectionField::choice('wide', 'Across on a desk', ['3' => 'three', '4' => 'four', '6' => 'six'], '4'),
            SectionField::choice(
                'lies',
                'How they lie',
                ['grid' => 'in a grid', 'strip' => 'on a strip to push along'],
                'grid',
            ),
            SectionField::choice(
                'ratio',
                'How pictures are cut',
                ['look' => 'as the look has it', 'square' => 'square', 'portrait' => '4 to 5', 'landscape' => '3 to 2'],
                'look',
            ),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        $which = match ($settings['which']) {
            'tag' => 'the {count} newest {which} {tag}',
            'shelf' => 'the first {count} {which} {shelf}',
            'under' => 'up to {count} of the goods {which} {under}',
            'chosen' => '{listings}, {which}, {count} at the most',
            default => 'the {count} goods {which}',
        };
        $which = $settings['which'] === 'newest' ? 'the {count} {which}' : $which;

        return 'is headed {heading} and shows '.
            $which.
            ', what can’t be bought {gone}. They lie {lies}, {phone} across on a phone and {wide} on a desk, '.
            'pictures cut {ratio}, on {tone}.';
    }

    public function summary(array $settings): string
    {
        $count = (string) $settings['count'];
        $which = match ($settings['which']) {
            'keeping' => 'the '.$count.' that keep most',
            'selling' => 'the '.$count.' that sell best',
            'tag' => 'the '.$count.' newest tagged “'.$settings['tag'].'”',
            'shelf' => 'the first '.$count.' of a shelf',
            'under' => 'up to '.$count.' under '.$settings['under'],
            'chosen' => count((array) $settings['listings']).' picked by hand',
            default => 'the '.$count.' newest',
        };

        return ($settings['heading'] === '' ? '' : '“'.$settings['heading'].'”: ').
            $which.
            ', '.
            $settings['phone'].
            ' across';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $count = (int) $settings['count'];
        if ($settings['gone'] === 'show') {
            return ['goods' => $this->goods($settings, $goods, $count)];
        }
        $more = $this->goods($settings, $goods, $count * self::LOOKED_AT);
        $bought = array_values(array_filter($more, static fn (GoodCard $card): bool => ! $card->soldOut));

        return ['goods' => array_slice($bought, 0, $count)];
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return list<GoodCard>
     */
    private function goods(array $settings, WindowGoods $goods, int $count): array
    {
        /** @var list<int> $ids */
        $ids = $settings['listings'];

        return match ($settings['which']) {
            'keeping' => $goods->keepingMost($count),
            'selling' => $goods->bestSelling($count),
            'tag' => $goods->tagged((string) $settings['tag'], $count),
            'shelf' => $goods->onShelf((int) substr((string) $settings['shelf'], strlen('shelf:')), $count),
            'under' => $goods->under((string) $settings['under'], $count),
            'chosen' => array_slice($goods->only($ids), 0, $count),
            default => $goods->newest($count),
        };
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        $found = count((array) $data['goods']);

        return $found < (int) $settings['count'] && $settings['which'] !== 'chosen' ? 'only '.$found.' found' : '';
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['goods'] === [] ? 'No goods fit, so shoppers don’t see it.' : null;
    }
}
