<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Window\FirstSections;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Written\DressedGoods;

/** Three ways to lay the same goods out. */
enum Arrangement: int
{
    /** Many goods at once, right under what the shop says of itself. */
    case Table = 0;

    /** One of them leads, and what is told of it. */
    case Lead = 1;

    /** Shelf by shelf. */
    case Shelves = 2;

    private const ROW = 8;

    /** Shelves with a row of their own on the front page. */
    private const ROWS = 3;

    /** Letters of what a story tells. */
    private const STORY = 600;

    public function words(): string
    {
        return match ($this) {
            self::Table => 'All of it at once',
            self::Lead => 'One thing leads',
            self::Shelves => 'Shelf by shelf',
        };
    }

    /**
     * The sections of the front page.
     *
     * @param  list<int>  $listings  the best first
     * @param  array<string, mixed>  $hero  what the hero says and shows in any of the ways
     * @param  string  $told  what is told of the first of the goods
     * @return list<array<string, mixed>>
     */
    public function front(WindowGoods $goods, array $listings, array $hero, string $told): array
    {
        $lay = new FirstSections($goods);
        $first = $goods->only($listings)[0];
        $rest = array_slice($listings, 1, self::ROW);
        $middle = match ($this) {
            self::Table => [
                $lay->hero($first, ['height' => 'low'] + $hero),
                $lay->row('all', ['which' => 'chosen', 'listings' => array_slice($listings, 0, self::ROW), 'count' => '8']),
                $lay->tiles(),
            ],
            self::Lead => [
                $lay->hero($first, ['height' => 'tall', 'tone' => 'soft'] + array_intersect_key($hero, ['picture' => null])),
                $told === '' ? null : $lay->section('story', [
                    'heading' => mb_strimwidth($first->title, 0, 60, '…'),
                    'words' => mb_strimwidth($told, 0, self::STORY, '…'),
                    'listing' => $first->id,
                    'button' => 'See it',
                    'leads' => 'goods:'.$first->id,
                ]),
                $rest === [] ? null : $lay->row('rest', ['which' => 'chosen', 'listings' => $rest, 'count' => '8', 'lies' => 'strip']),
                $lay->tiles(['wide' => '3']),
            ],
            self::Shelves => [
                $lay->hero($first, $hero),
                $lay->tiles(['wide' => '2']),
                ...$this->rows($lay, $goods),
            ],
        };

        return array_values(array_filter([$lay->notice(), $lay->masthead(), ...$middle, ...$lay->closing()]));
    }

    /**
     * The parts of the page of goods.
     *
     * @return list<array<string, mixed>>
     */
    public function goods(): array
    {
        $order = match ($this) {
            self::Table => array_column(DressedGoods::FIRST, 'kind'),
            self::Lead => [
                'shots', 'name', 'description', 'price', 'choices', 'rungs', 'buy', 'arrival', 'facts', 'terms', 'reviews',
                'asked', 'together', 'seen-lately',
            ],
            self::Shelves => [
                'name', 'shots', 'price', 'choices', 'rungs', 'arrival', 'buy', 'facts', 'terms', 'description', 'reviews',
                'asked', 'together', 'seen-lately',
            ],
        };

        return array_map(static fn (string $kind): array => ['id' => $kind, 'kind' => $kind, 'settings' => []], $order);
    }

    /** @return list<array<string, mixed>> a row for each of the first shelves */
    private function rows(FirstSections $lay, WindowGoods $goods): array
    {
        $rows = [];
        foreach (array_slice($goods->shelves(), 0, self::ROWS, true) as $shelf => $about) {
            $rows[] = $lay->row('shelf-'.$shelf, [
                'heading' => mb_strimwidth($about['words'], 0, 60, '…'),
                'which' => 'shelf',
                'shelf' => 'shelf:'.$shelf,
                'count' => '4',
            ]);
        }

        return $rows;
    }
}
