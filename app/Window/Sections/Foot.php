<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;

/** The end of every page: who is behind the shop and how to reach them. */
final class Foot extends SectionKind
{
    public function key(): string
    {
        return 'foot';
    }

    public function label(): string
    {
        return 'Foot';
    }

    public function rank(): int
    {
        return 130;
    }

    public function fields(): array
    {
        return [
            SectionField::text('about', 'Who you are', 400),
            SectionField::line('email', 'Where to write to', 120),
            // What leads nowhere is the heading of those after it.
            SectionField::rows('menu', 'Menus', 30, [
                SectionField::line('words', 'Words', 30),
                SectionField::way('leads', 'Leads to', nowhere: 'nowhere: it heads those after it'),
            ]),
            SectionField::rows('social', 'Elsewhere', 6, [SectionField::line('words', 'Words', 24), SectionField::way('leads', 'Address')]),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'says {about} and gives {email} to write to. Its menus hold {menu}; elsewhere, {social}.';
    }

    public function summary(array $settings): string
    {
        return $settings['about'] !== '' ? mb_strimwidth((string) $settings['about'], 0, 60, '…') : 'the shop’s name';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return [
            'menus' => Ways::columns($settings['menu'], $goods),
            'social' => Ways::of($settings['social'], $goods),
        ];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        return Ways::broken($settings['menu'], $goods);
    }

    public function wears(): array
    {
        return ['wordmark'];
    }

    public function everywhere(): bool
    {
        return true;
    }
}
