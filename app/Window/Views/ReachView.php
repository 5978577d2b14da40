<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Stall\Stall;
use WindowStall\Support\Views\ChoiceView;
use WindowStall\Window\Goods\WindowGoods;

/** What sections can show and lead to. */
final readonly class ReachView
{
    /**
     * @param  list<WindowGoodView>  $goods
     * @param  list<ChoiceView>  $tags  with how many goods each has
     * @param  list<ChoiceView>  $shelves  those that hold something
     * @param  list<ChoiceView>  $pages  those shoppers see, and policies; by the way that leads there
     * @param  list<OwnPictureView>  $pictures  the stall's own, newest first
     */
    public function __construct(
        public array $goods,
        public array $tags,
        public array $shelves,
        public array $pages,
        public array $pictures,
        public string $currency,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $goods = WindowGoods::of($stall);
        $counts = $goods->tags();
        $words = array_map(
            static fn (string|int $tag, int $count): string => $tag.' ('.$count.')',
            array_keys($counts),
            $counts,
        );

        return new self(
            goods: WindowGoodView::all($stall),
            tags: ChoiceView::from($counts === [] ? [] : array_combine(array_keys($counts), $words)),
            shelves: ChoiceView::from(array_map(
                static fn (array $shelf): string => $shelf['words'],
                $goods->shelves(),
            )),
            pages: ChoiceView::from($goods->papers()->ways()),
            pictures: OwnPictureView::all($stall),
            currency: $stall->currency,
        );
    }
}
