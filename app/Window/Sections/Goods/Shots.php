<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Films;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Sections\OwnPicture;
use WindowStall\Window\Sections\SectionField;

/** Its pictures, and a film of the stall's own among them; the picture of a chosen value comes first. */
final class Shots extends GoodsPart
{
    public function key(): string
    {
        return 'shots';
    }

    public function label(): string
    {
        return 'Pictures';
    }

    public function rank(): int
    {
        return 10;
    }

    public function fields(): array
    {
        return [
            SectionField::film('film', 'Film among them'),
            SectionField::choice('comes', 'Where the film comes', [
                'first' => 'before them',
                'second' => 'after the first one',
                'last' => 'after them',
            ], 'second'),
            SectionField::picture('poster', 'Picture before the film begins'),
            SectionField::line('shows', 'What the film shows', 160),
        ];
    }

    public function sentence(array $settings): string
    {
        return $settings['film'] === null
            ? 'are those of the goods, the first one widest. A film among them: {film}.'
            : 'are those of the goods. The film {film} comes {comes}; it shows {shows}. Until it begins one sees {poster}.';
    }

    public function summary(array $settings): string
    {
        return $settings['film'] === null ? 'its pictures' : 'its pictures and a film';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return parent::data($settings, $goods) + [
            'film' => Films::url($goods->stall, $settings['film']),
            'poster' => OwnPicture::of($goods->stall, $settings['poster']),
        ];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['film'] === null ? parent::stays($settings, $data) : null;
    }

    protected function without(): string
    {
        return 'It has no picture.';
    }
}
