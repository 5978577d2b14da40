<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Core\Words\Plural;
use WindowStall\Window\Goods\WindowGoods;

/** Ways into the goods, each with a picture of what one finds there. */
final class Tiles extends SectionKind
{
    public function key(): string
    {
        return 'tiles';
    }

    public function label(): string
    {
        return 'Shelf tiles';
    }

    public function rank(): int
    {
        return 40;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::rows('tiles', 'Tiles', 8, [
                SectionField::way('leads', 'Leads to'),
                SectionField::line('words', 'Words', 30),
                SectionField::picture('picture', 'Picture'),
            ]),
            SectionField::choice(
                'order',
                'In which order',
                ['hand' => 'as they are laid', 'newest' => 'newest goods first', 'most' => 'most goods first'],
                'hand',
            ),
            SectionField::choice('wide', 'Across on a desk', ['2' => 'two', '3' => 'three', '4' => 'four'], '4'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'are headed {heading} and lead to {tiles}, {order}, two across on a phone and {wide} on a desk.';
    }

    public function summary(array $settings): string
    {
        $words = array_map(
            static fn (mixed $t): string => is_array($t) ? TileRow::words($t) : '',
            (array) $settings['tiles'],
        );

        return implode(', ', array_filter($words, static fn (string $w): bool => $w !== '')) ?: 'none yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $tiles = $pictured = [];
        foreach ((array) $settings['tiles'] as $row) {
            $tile = is_array($row) ? TileRow::of($row, $goods, $pictured) : null;
            if ($tile !== null) {
                $tiles[] = $tile;
                $pictured = [...$pictured, ...array_filter([$tile->pictured])];
            }
        }
        match ($settings['order']) {
            'newest' => usort($tiles, static fn (TileRow $a, TileRow $b): int => $b->newest <=> $a->newest),
            'most' => usort($tiles, static fn (TileRow $a, TileRow $b): int => $b->count <=> $a->count),
            default => null,
        };

        return ['tiles' => $tiles];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        $gone = count((array) $settings['tiles']) - count((array) $data['tiles']);

        return $gone > 0 ? $gone.' of them '.Plural::word($gone, 'leads', 'lead').' nowhere' : '';
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['tiles'] === [] ? 'No tile leads anywhere, so shoppers don’t see them.' : null;
    }
}
