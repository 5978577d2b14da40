<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Core\Words\Plural;
use WindowStall\Window\Goods\WindowGoods;

/** Pictures by themselves. */
final class Gallery extends SectionKind
{
    public function key(): string
    {
        return 'gallery';
    }

    public function label(): string
    {
        return 'Gallery';
    }

    public function rank(): int
    {
        return 70;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::rows('pictures', 'Pictures', 9, [
                SectionField::picture('picture', 'Picture'),
                SectionField::line('words', 'Caption', 80),
            ]),
            SectionField::choice('wide', 'Across on a desk', ['2' => 'two', '3' => 'three'], '3'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading} and shows {pictures}, two across on a phone and {wide} on a desk.';
    }

    public function summary(array $settings): string
    {
        $count = count((array) $settings['pictures']);

        return $count === 0 ? 'no pictures yet' : Plural::of($count, 'picture');
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        $shown = [];
        foreach ((array) $settings['pictures'] as $row) {
            $picture = is_array($row) ? OwnPicture::of($goods->stall, $row['picture']) : null;
            if ($picture !== null && is_array($row)) {
                $shown[] = ['picture' => $picture, 'words' => (string) $row['words']];
            }
        }

        return ['pictures' => $shown];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['pictures'] === [] ? 'It has no pictures yet, so shoppers don’t see it.' : null;
    }
}
