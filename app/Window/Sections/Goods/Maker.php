<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections\Goods;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Sections\OwnPicture;
use WindowStall\Window\Sections\SectionField;

/** Who makes it: what is known of that in sentences, and what the stall tells of it. */
final class Maker extends GoodsPart
{
    public function key(): string
    {
        return 'maker';
    }

    public function label(): string
    {
        return 'Who makes it';
    }

    public function rank(): int
    {
        return 110;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::text('words', 'What you tell of it', 600),
            SectionField::picture('picture', 'Picture'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading}. It says who makes it and where it is posted from as far as that is known, then tells: '.
            '{words} It shows {picture}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: mb_strimwidth((string) $settings['words'], 0, 60, '…') ?: 'what is known of its making';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return parent::data($settings, $goods) + ['own' => OwnPicture::of($goods->stall, $settings['picture'])];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $settings['words'] === '' ? parent::stays($settings, $data) : null;
    }

    protected function without(): string
    {
        return 'Nothing is known of who makes it. Tell it in your words, or name its maker on the listing.';
    }
}
