<?php

declare(strict_types=1);

namespace WindowStall\Window\Sections;

use WindowStall\Window\Goods\WindowGoods;

/** What a shopper can count on: said by the stall’s own terms, or in its words. */
final class Promises extends SectionKind
{
    public function key(): string
    {
        return 'promises';
    }

    public function label(): string
    {
        return 'Promises';
    }

    public function rank(): int
    {
        return 80;
    }

    public function fields(): array
    {
        return [
            SectionField::choice(
                'which',
                'What is promised',
                ['terms' => 'what the stall’s terms say', 'own' => 'in your own words'],
                'terms',
            ),
            SectionField::rows('own', 'In your own words', 4, [
                SectionField::line('head', 'In short', 30),
                SectionField::line('words', 'More', 100),
            ]),
            SectionField::choice('tone', 'What they stand on', Tone::WORDS, 'ground'),
        ];
    }

    public function sentence(array $settings): string
    {
        return $settings['which'] === 'own' ? 'are {which}: {own}, on {tone}.' : 'say {which}, on {tone}.';
    }

    public function summary(array $settings): string
    {
        return $settings['which'] === 'terms'
            ? 'what the stall’s terms say'
            : (implode(', ', array_column((array) $settings['own'], 'head')) ?:
                'none yet');
    }

    public function data(array $settings, WindowGoods $goods): array
    {
        /** @var list<array{head: string, words: string}> $own */
        $own = $settings['own'];
        $promises = $settings['which'] === 'terms' ? TruePromises::of($goods) : $own;

        return ['promises' => array_values(array_filter($promises, static fn (array $p): bool => $p['head'] !== ''))];
    }

    public function figure(array $settings, array $data, WindowGoods $goods): string
    {
        return $settings['which'] === 'terms' ? 'from your true terms' : '';
    }

    public function stays(array $settings, array $data): ?string
    {
        return $data['promises'] === [] ? 'There is nothing to promise yet, so shoppers don’t see it.' : null;
    }
}
