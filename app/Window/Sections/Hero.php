<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\LinkTarget;
use WindowStall\Window\Plan;

/** The first thing seen: a few large words, one picture, one or two ways on. */
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

    public function rank(): int
    {
        return 30;
    }

    public function plan(): Plan
    {
        return Plan::Front;
    }

    public function fields(): array
    {
        return [
            SectionField::line('words', 'Words', 60),
            SectionField::line('under', 'Under them', 120),
            SectionField::listing('listing', 'Whose picture it shows'),
            SectionField::picture('picture', 'Picture'),
            SectionField::choice(
                'focus',
                'What of it is in focus',
                [
                    'point' => 'chosen point',
                    'left' => 'left part',
                    'middle' => 'middle',
                    'right' => 'right part',
                    'top' => 'top',
                    'foot' => 'foot',
                ],
                'point',
            ),
            SectionField::choice(
                'height',
                'How tall it stands',
                ['low' => 'low', 'middle' => 'middling', 'tall' => 'tall'],
                'middle',
            ),
            SectionField::choice(
                'room',
                'How the words run',
                ['own' => 'as wide as they like', 'narrow' => 'narrow, clear of the picture'],
                'own',
            ),
            SectionField::choice('tone', 'What it stands on', Tone::WORDS, 'band'),
            SectionField::line('button', 'On the button', 30),
            SectionField::way('leads', 'Where the button leads'),
            SectionField::line('second', 'On a second link', 30),
            SectionField::way('second_leads', 'Where that leads'),
        ];
    }

    public function sentence(array $settings): string
    {
        $picture = $settings['picture'] === null ? 'the picture of {listing}, or {picture},' : '{picture}';
        $second =
            $settings['button'] === '' && $settings['second'] === ''
                ? ''
                : ' Beside it {second} leads to {second_leads}.';

        return 'says {words}, under it {under}; they run {room}. It shows '.
            $picture.
            ' with its {focus} in focus, stands {height} on {tone}, and '.
            '{button} leads to {leads}.'.
            $second;
    }

    public function summary(array $settings): string
    {
        return (string) $settings['words'] ?: 'no words yet';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $way = LinkTarget::from($settings['leads']);
        $led = $way->kind === 'goods' ? (int) $way->to : null;
        $chosen = is_int($settings['listing']) ? $settings['listing'] : $led;
        $good = $chosen === null ? null : $goods->only([$chosen])[0] ?? null;

        return [
            'good' => $good ?? ($goods->newest(1)[0] ?? null),
            'own' => OwnPicture::of($goods->stall, $settings['picture']),
            'href' => $way->href($goods),
            'secondHref' => LinkTarget::from($settings['second_leads'])->href($goods),
        ];
    }

    /** Where its words lie in the picture, the veil between them. */
    public function wears(): array
    {
        return ['build', 'mood', 'colours'];
    }

    public function clears(array $settings): ?array
    {
        return match (true) {
            $settings['room'] === 'own' => ['field' => 'room', 'value' => 'narrow', 'words' => 'Narrow the words'],
            $settings['picture'] !== null => ['field' => 'picture', 'value' => null, 'words' => 'Without the picture'],
            default => null,
        };
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        $figure = LinkTarget::from($settings['leads'])->figure($goods);

        return $figure === '' ? '' : 'leads to '.$figure;
    }
}
