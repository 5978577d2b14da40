<?php

declare(strict_types=1);

namespace WindowStall\Window;

use WindowStall\Core\Look\StarterLook;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;
use WindowStall\Window\Goods\GoodCard;
use WindowStall\Window\Goods\WindowGoods;

/**
 * A first homepage from the goods there are: a hero, ways in by shelf or by tag, rows, promises and answers from the stall's own
 * terms. Ordinary sections, of facts only; nothing in it is invented.
 */
final class FirstVersion
{
    public const HEROES = 3;

    /** Shelves or tags that become tiles and ways of the menu. */
    private const TILES = 4;

    private const MENU = 3;

    /** @return list<GoodCard> whose pictures a hero can be made of: what keeps most, what is newest, each once */
    public static function heroes(WindowGoods $goods): array
    {
        $found = [];
        $likely = [...$goods->bestSelling(1), ...$goods->keepingMost(self::HEROES), ...$goods->newest(self::HEROES)];
        foreach ($likely as $card) {
            if ($card->picture !== null && ! $card->soldOut) {
                $found[$card->id] ??= $card;
            }
        }

        return array_slice(array_values($found), 0, self::HEROES);
    }

    /**
     * @param  int  $hero  one of the goods
     *
     * @throws Refusal where nothing is in the window yet
     */
    public function __invoke(Stall $stall, StarterLook $starter, int $hero): Content
    {
        $goods = WindowGoods::of($stall);
        $good = $goods->only([$hero])[0]
            ?? throw new Refusal('Put something in the window first: the page is made from what is there.');
        $ways = self::ways($goods);
        $look = Look::begin($starter, Window::query()->findOrFail($stall->id)->workingContent()->look->wordmark);

        return Content::from(['look' => $look->toArray(), 'sections' => array_values(array_filter([
            $this->notice($goods),
            $this->section('masthead', ['menu' => $this->menu($ways)]),
            $this->hero($good),
            $this->tiles(array_slice($ways, 0, self::TILES)),
            $this->section(
                'goods',
                ['heading' => 'At the front of the stall', 'which' => 'keeping', 'count' => '4'],
                'first',
            ),
            $this->section('goods', ['heading' => 'New on the stall', 'which' => 'newest', 'count' => '8'], 'new'),
            $this->section('promises', ['which' => 'terms', 'tone' => 'band']),
            $this->section('questions', ['heading' => 'Before you ask', 'asked' => TrueAnswers::of($goods)]),
            $this->section('foot', ['menu' => self::papers($goods)]),
        ]))]);
    }

    /** @return array<string, mixed>|null */
    private function notice(WindowGoods $goods): ?array
    {
        $days = $goods->days();

        return $days === null
            ? null
            : $this->section('notice', ['messages' => [['words' => 'With you in '.$days->words()]]]);
    }

    /** @return array<string, mixed> */
    private function hero(GoodCard $good): array
    {
        $price = ($good->varied ? 'From ' : '').$good->price;

        return $this->section('hero', [
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

    /** @return list<array{words: string, leads: string}> shelves that hold something; without any, tags */
    private static function ways(WindowGoods $goods): array
    {
        $shelves = $goods->shelves();
        if ($shelves !== []) {
            return array_map(static fn (int $id, array $shelf): array => [
                'words' => mb_strimwidth($shelf['words'], 0, 24, '…'),
                'leads' => 'shelf:'.$id,
            ], array_keys($shelves), $shelves);
        }

        return array_map(static fn (string $tag): array => [
            'words' => mb_strimwidth(mb_strtoupper(mb_substr($tag, 0, 1)).mb_substr($tag, 1), 0, 24, '…'),
            'leads' => 'tag:'.$tag,
        ], array_map(strval(...), array_keys($goods->tags())));
    }

    /**
     * @param  list<array{words: string, leads: string}>  $ways
     * @return list<array{words: string, leads: string}>
     */
    private function menu(array $ways): array
    {
        return [...array_slice($ways, 0, self::MENU), ['words' => 'Everything', 'leads' => 'all']];
    }

    /**
     * @param  list<array{words: string, leads: string}>  $ways
     * @return array<string, mixed>|null
     */
    private function tiles(array $ways): ?array
    {
        $tiles = array_map(static fn (array $way): array => ['leads' => $way['leads']], $ways);

        return $tiles === [] ? null : $this->section('tiles', ['tiles' => $tiles]);
    }

    /** @return list<array{words: string, leads: string}> menus of the pages and policies that shoppers see */
    private static function papers(WindowGoods $goods): array
    {
        $pages = $policies = [];
        foreach ($goods->papers()->ways() as $leads => $words) {
            $row = ['words' => mb_strimwidth($words, 0, 30, '…'), 'leads' => $leads];
            str_starts_with($leads, 'page:') ? $pages[] = $row : $policies[] = $row;
        }

        return [
            ...($pages === [] ? [] : [['words' => 'The stall', 'leads' => ''], ...array_slice($pages, 0, 12)]),
            ...($policies === [] ? [] : [['words' => 'Buying here', 'leads' => ''], ...$policies]),
        ];
    }

    /**
     * @param  array<string, mixed>  $settings
     * @return array<string, mixed>
     */
    private function section(string $kind, array $settings, ?string $id = null): array
    {
        return ['id' => $id ?? $kind, 'kind' => $kind, 'settings' => $settings];
    }
}
