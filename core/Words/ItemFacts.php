<?php

declare(strict_types=1);

namespace WindowStall\Core\Words;

use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Source\ValueWords;

/**
 * What is known of a thing that may be said about it: only what its own data says.
 *
 * @phpstan-type SaidFacts array{
 *     name: string, kind: string|null, materials: list<string>, sizes: list<string>, colours: list<string>,
 *     uses: string|null, posted_from: string|null, days: string|null,
 * }
 */
final readonly class ItemFacts
{
    private const MATERIALS = [
        'ash',
        'bamboo',
        'beech',
        'brass',
        'bronze',
        'canvas',
        'cedar',
        'ceramic',
        'clay',
        'copper',
        'cotton',
        'enamel',
        'felt',
        'galvanised',
        'galvanized',
        'glass',
        'goatskin',
        'hazel',
        'iron',
        'jute',
        'leather',
        'linen',
        'nitrile',
        'oak',
        'plastic',
        'polycarbonate',
        'slate',
        'stainless',
        'steel',
        'stoneware',
        'terracotta',
        'walnut',
        'willow',
        'wood',
        'wooden',
        'wool',
        'zinc',
    ];

    private const NAME_WORDS = 3;

    /**
     * @param  list<string>  $materials
     * @param  list<string>  $sizes
     * @param  list<string>  $colours
     * @param  string|null  $uses  what it is for; suppliers' data seldom says
     */
    private function __construct(
        public string $name,
        public ?string $kind,
        public array $materials,
        public array $sizes,
        public array $colours,
        public ?string $uses,
        public ?string $postedFrom,
        public ?string $days,
    ) {
    }

    /**
     * @param  string  $title  the supplier's, or the seller's own
     * @param  bool  $own  whether the seller wrote the title
     * @param  array<string, list<string>>  $options  as shoppers read them
     * @param  string|null  $country  where it is posted from, in words
     */
    public static function of(
        string $title,
        bool $own,
        string $kind,
        array $options,
        ?string $country,
        ?DayRange $days,
    ): self {
        $sizes = $colours = [];
        foreach ($options as $name => $values) {
            if (ValueWords::sizes(...$values)) {
                $sizes = [...$sizes, ...$values];
            } elseif (! ValueWords::places((string) $name, ...$values)) {
                // Codes such as "STL-01" are nothing to say aloud.
                $colours = [
                    ...$colours,
                    ...array_filter($values, static fn (string $v): bool => preg_match('/\d/', $v) !== 1),
                ];
            }
        }
        $words = ValueWords::words($title);

        return new self(
            $own ? trim($title) : self::name($title),
            $kind === '' ? null : $kind,
            array_values(array_intersect(self::MATERIALS, $words)),
            array_values(array_unique($sizes)),
            array_values(array_unique($colours)),
            null,
            $country,
            $days?->words(),
        );
    }

    /** @return SaidFacts */
    public function toArray(): array
    {
        return [
            'name' => $this->name,
            'kind' => $this->kind,
            'materials' => $this->materials,
            'sizes' => $this->sizes,
            'colours' => $this->colours,
            'uses' => $this->uses,
            'posted_from' => $this->postedFrom,
            'days' => $this->days,
        ];
    }

    /** A name out of a supplier's title: its first words that aren't puff, codes, years or finishes. */
    private static function name(string $title): string
    {
        $bare = $title;
        foreach (TitleHelp::about($title) as $note) {
            if ($note->kind === 'stuffing' || $note->kind === 'code') {
                $bare = $note->instead ?? $bare;
            }
        }
        preg_match_all('/[\p{L}’\'-]+/u', $bare, $m);
        $words = array_values(
            array_filter(
                $m[0],
                static fn (string $w): bool => ValueWords::telling($w) !== [] &&
                    array_intersect(ValueWords::words($w), self::MATERIALS) === [] &&
                    TitleHelp::puff($w) === false,
            ),
        );
        $name = mb_strtolower(implode(' ', array_slice($words, 0, self::NAME_WORDS)));

        return $name === '' ? trim($title) : mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
    }
}
