<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/** Sections as a first version of a front page has them: of what the goods and the stall's terms say. */
final readonly class FirstSections
{
    /** Shelves or tags that become tiles and ways of the menu. */
    private const TILES = 4;

    private const MENU = 3;

    public function __construct(private WindowGoods $goods)
    {
    }

    /** @return array<string, mixed>|null */
    public function notice(): ?array
    {
        $days = $this->goods->days();

        return $days === null
            ? null
            : $this->section('notice', ['messages' => [['words' => 'With you in '.$days->words()]]]);
    }

    /** @return array<string, mixed> */
    public function masthead(): array
    {
        $menu = [...array_slice($this->ways(), 0, self::MENU), ['words' => 'Everything', 'leads' => 'all']];

        return $this->section('masthead', ['menu' => $menu]);
    }

    /**
     * With one of the goods in it.
     *
     * @param  array<string, mixed>  $other  settings it has besides, or instead
     * @return array<string, mixed>
     */
    public function hero(GoodCard $good, array $other = []): array
    {
        $price = ($good->varied ? 'From ' : '').$good->price;

        return $this->section('hero', $other + [
            'words' => mb_strimwidth($good->title, 0, 60, '…'),
            'under' => match (true) {
                $good->gist !== '' => str_ends_with($good->gist, '…') ? $good->gist : $good->gist.'.',
                $good->days !== '' => $price.', with you in '.$good->days,
                default => $price,
            },
            'listing' => $good->id,
            'button' => 'See it',
            'leads' => 'goods:'.$good->id,
        ]);
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    public function row(string $id, array $settings): array
    {
        return $this->section('goods', $settings, $id);
    }

    /**
     * @param  array<string, mixed>  $other
     * @return array<string, mixed>|null
     */
    public function tiles(array $other = []): ?array
    {
        $ways = array_slice($this->ways(), 0, self::TILES);
        $tiles = array_map(static fn (array $way): array => ['leads' => $way['leads']], $ways);

        return $tiles === [] ? null : $this->section('tiles', $other + ['tiles' => $tiles]);
    }

    /** @return list<array<string, mixed>> promises, answers and the foot of the page */
    public function closing(): array
    {
        return [
            $this->section('promises', ['which' => 'terms', 'tone' => 'band']),
            $this->section('questions', ['heading' => 'Before you ask', 'asked' => TrueAnswers::of($this->goods)]),
            $this->section('foot', ['menu' => $this->papers()]),
        ];
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    public function section(string $kind, array $settings, ?string $id = null): array
    {
        return ['id' => $id ?? $kind, 'kind' => $kind, 'settings' => $settings];
    }

    /** @return list<array{words: string, leads: string}> shelves that hold something; without any, tags */
    private function ways(): array
    {
        $shelves = $this->goods->shelves();
        if ($shelves !== []) {
            return array_map(static fn (int $id, array $shelf): array => [
                'words' => mb_strimwidth($shelf['words'], 0, 24, '…'),
                'leads' => 'shelf:'.$id,
            ], array_keys($shelves), $shelves);
        }

        return array_map(static fn (string $tag): array => [
            'words' => mb_strimwidth(mb_strtoupper(mb_substr($tag, 0, 1)).mb_substr($tag, 1), 0, 24, '…'),
            'leads' => 'tag:'.$tag,
        ], array_map(strval(...), array_keys($this->goods->tags())));
    }

    /** @return list<array{words: string, leads: string}> menus of the pages and policies that shoppers see */
    private function papers(): array
    {
        $pages = $policies = [];
        foreach ($this->goods->papers()->ways() as $leads => $words) {
            $row = ['words' => mb_strimwidth($words, 0, 30, '…'), 'leads' => $leads];
            str_starts_with($leads, 'page:') ? $pages[] = $row : $policies[] = $row;
        }

        return [
            ...($pages === [] ? [] : [['words' => 'The stall', 'leads' => ''], ...array_slice($pages, 0, 12)]),
            ...($policies === [] ? [] : [['words' => 'Buying here', 'leads' => ''], ...$policies]),
        ];
    }
}
