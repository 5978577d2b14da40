<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Shop\ShopGoods;

/** The first thing seen: a few large words, one picture, one way on. */
final class Hero extends SectionKind
{
    public function key(): string
    {
        return 'hero';
    }

    public function label(): string
    {
        return 'Hero';
    }

    public function fields(): array
    {
        return [
            Field::line('words', 'Words', 60, 'Good things, well chosen'),
            Field::line('under', 'Under it', 120, 'Picked one by one and sent straight to you.'),
            Field::line('button', 'On the button', 30, 'See it'),
            Field::listing('listing', 'Picture and way on'),
            Field::choice('height', 'Height on the phone', ['low' => 'Low', 'middle' => 'Middle', 'tall' => 'Tall'], 'middle'),
            Field::choice('tone', 'Tone', ['band' => 'Warm', 'soft' => 'Brand, pale', 'fill' => 'Brand, full', 'ground' => 'Plain'], 'band'),
        ];
    }

    public function data(array $settings, ShopGoods $goods): array
    {
        $chosen = is_int($settings['listing']) ? $goods->only([$settings['listing']]) : [];

        return ['good' => $chosen[0] ?? $goods->newest(1)[0] ?? null];
    }

    public function summary(array $settings): string
    {
        return (string) $settings['words'];
    }
}
