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
        $look = Look::begin($starter, Window::query()->findOrFail($stall->id)->workingContent()->look->wordmark);

        $lay = new FirstSections($goods);

        return Content::from(['look' => $look->toArray(), 'sections' => array_values(array_filter([
            $lay->notice(),
            $lay->masthead(),
            $lay->hero($good),
            $lay->tiles(),
            $lay->row('first', ['heading' => 'At the front of the stall', 'which' => 'keeping', 'count' => '4']),
            $lay->row('new', ['heading' => 'New on the stall', 'which' => 'newest', 'count' => '8']),
            ...$lay->closing(),
        ]))]);
    }
}
