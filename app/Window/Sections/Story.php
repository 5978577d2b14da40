<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\LinkTarget;

/** Words beside a picture: where things come from, who is behind them. */
final class Story extends SectionKind
{
    public function key(): string
    {
        return 'story';
    }

    public function label(): string
    {
        return 'Story';
    }

    public function rank(): int
    {
        return 60;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::text('words', 'Words', 900),
            SectionField::picture('picture', 'Picture'),
            SectionField::listing('listing', 'Whose picture it shows'),
            SectionField::choice('side', 'On a desk the picture stands', ['left' => 'left', 'right' => 'right'], 'left'),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'soft'),
            SectionField::line('button', 'On the button', 30),
            SectionField::way('leads', 'Where the button leads'),
        ];
    }

    public function sentence(array $settings): string
    {
        $picture = $settings['picture'] === null ? 'the picture of {listing}, or {picture},' : '{picture},';

        return 'is headed {heading} and tells: {words} It shows '.
            $picture.
            ' at the {side} on a desk, on {tone}, and {button} leads to {leads}.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?:
            mb_strimwidth((string) $settings['words'], 0, 60, '…') ?:
            'nothing told yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return [
            'own' => OwnPicture::of($goods->stall, $settings['picture']),
            'good' => is_int($settings['listing']) ? $goods->only([$settings['listing']])[0] ?? null : null,
            'href' => LinkTarget::from($settings['leads'])->href($goods),
        ];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $settings['heading'] === '' && $settings['words'] === ''
            ? 'It tells nothing yet, so shoppers don’t see it.'
            : null;
    }
}
