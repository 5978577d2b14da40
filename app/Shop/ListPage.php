<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Core\Words\SearchCut;
use WindowStall\Shop\Finding\FindGoods;
use WindowStall\Shop\Finding\FoundGoods;
use WindowStall\Shop\Finding\GoodsList;
use WindowStall\Shop\Finding\Narrowing;
use WindowStall\Stall\Stall;
use WindowStall\Support\Speech\Speech;
use WindowStall\Window\Goods\WindowGoods;

/** What the page of a list of goods is made of. */
final class ListPage
{
    /** @return array<string, mixed> */
    public static function of(Stall $stall, GoodsList $list, Narrowing $asked, FoundGoods $found): array
    {
        $goods = WindowGoods::of($stall)->many($found->listings);

        return [
            'title' => $found->page > 1
                ? Speech::say('shop.list.page', title: $list->title ?? $list->heading, page: $found->page)
                : $list->title ?? $list->heading,
            'description' => SearchCut::words($list->description),
            'path' => $list->path.($found->page > 1 && ! $asked->narrows() ? '?page='.$found->page : ''),
            'unlisted' => $asked->asks() || $list->searched !== null,
            'list' => $list,
            'asked' => $asked,
            'found' => $found,
            'goods' => $goods,
            'shared' => $list->composed && $goods !== []
                ? SharedPicture::composed($stall, $list->path)
                : SharedPicture::of($stall, ($goods[0] ?? null)?->picture),
            'at' => static fn (array $with): string => $list->path.$asked->query($stall, $with + $list->asked),
            'crumbs' => [['words' => $list->heading, 'href' => $list->path]],
        ];
    }

    /** @return array<string, mixed> that of all goods, as it stands by itself */
    public static function all(Stall $stall): array
    {
        $list = GoodsList::all($stall);
        $asked = Narrowing::none();

        return self::of($stall, $list, $asked, (new FindGoods($stall, $asked))(($list->goods)(null), $list->path, []));
    }
}
