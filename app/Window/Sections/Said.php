<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Reviews\LatestReviews;
use WindowStall\Window\Goods\WindowGoods;

/** What buyers said of the goods, whichever. Nobody can write it but they. */
final class Said extends SectionKind
{
    public function key(): string
    {
        return 'said';
    }

    public function label(): string
    {
        return 'Said of us';
    }

    public function rank(): int
    {
        return 100;
    }

    public function fields(): array
    {
        return [
            SectionField::line('heading', 'Heading', 60),
            SectionField::choice('count', 'How many', ['2' => 'two', '3' => 'three', '6' => 'six'], '3'),
        ];
    }

    public function sentence(array $settings): string
    {
        return 'is headed {heading} and shows the latest {count} of what buyers said.';
    }

    public function summary(array $settings): string
    {
        return (string) $settings['heading'] ?: 'what buyers said';
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        return ['said' => LatestReviews::of($goods->stall, (int) $settings['count'])];
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['said']->isEmpty()
            ? 'No shopper has said anything yet. It stays away from the shop until one does.'
            : null;
    }
}
