<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;

/** The shop’s name and the ways round it, at the head of every page. */
final class Masthead extends SectionKind
{
    public function key(): string
    {
        return 'masthead';
    }

    public function label(): string
    {
        return 'Masthead';
    }

    public function rank(): int
    {
        return 20;
    }

    public function fields(): array
    {
        return [
            SectionField::choice('place', 'Where the name stands', ['left' => 'left', 'middle' => 'in the middle'], 'left'),
            SectionField::choice(
                'size',
                'How large the name is',
                ['small' => 'small', 'middle' => 'middling', 'large' => 'large'],
                'middle',
            ),
            SectionField::choice(
                'stays',
                'While one scrolls',
                ['no' => 'goes with the page', 'yes' => 'stays at the top'],
                'no',
            ),
            SectionField::choice('over', 'With the hero', ['no' => 'stands above it', 'yes' => 'lies over it'], 'no'),
            SectionField::rows('menu', 'Menu', 30, [
                SectionField::line('words', 'Words', 24),
                SectionField::way('leads', 'Leads to'),
                SectionField::choice(
                    'under',
                    'Where it stands',
                    ['no' => 'in the menu itself', 'yes' => 'under the one before'],
                    'no',
                ),
            ]),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'has the name {place}, {size}; it {stays} and, before a hero, {over}. Its menu: {menu}.';
    }

    public function summary(array $settings): string
    {
        $ways = count((array) $settings['menu']);
        $menu = match ($ways) {
            0 => 'no menu',
            1 => 'a menu of one',
            default => 'a menu of '.$ways,
        };

        return 'name '.($settings['place'] === 'middle' ? 'in the middle' : 'at the left').'; '.$menu;
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return ['menu' => Ways::levels($settings['menu'], $goods)];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        return Ways::broken($settings['menu'], $goods);
    }

    /** The name, or which logo is seen on the ground. */
    public function wears(): array
    {
        return ['wordmark', 'logo', 'logoOnDark', 'build', 'mood', 'colours'];
    }

    public function clears(array $settings): ?array
    {
        return $settings['over'] === 'no'
            ? null
            : ['field' => 'over', 'value' => 'no', 'words' => 'Stand it above the hero'];
    }

    public function everywhere(): bool
    {
        return true;
    }

    public function always(): bool
    {
        return true;
    }
}
