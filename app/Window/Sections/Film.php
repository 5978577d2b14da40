<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Films;
use WindowStall\Window\Goods\WindowGoods;

/** A film of the stall's own. It begins when a shopper begins it, never by itself. */
final class Film extends SectionKind
{
    public function key(): string
    {
        return 'film';
    }

    public function label(): string
    {
        return 'Film';
    }

    public function rank(): int
    {
        return 75;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::film('film', 'Film'),
            SectionField::picture('picture', 'Picture before it begins'),
            SectionField::line('words', 'What it shows', 160),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading} and shows {film}, which is {words}. Until it begins one sees {picture}. It '.
            'stands on {tone}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: (string) $settings['words'] ?: 'no heading yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return [
            'film' => Films::url($goods->stall, $settings['film']),
            'poster' => OwnPicture::of($goods->stall, $settings['picture']),
        ];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['film'] === null ? 'It has no film yet, so shoppers don’t see it.' : null;
    }
}
