<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Core\Words\SearchCut;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\SearchCutView;
use WindowStall\Window\Goods\PicksGood;
use WindowStall\Window\Goods\WindowGoods;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\PageSays;
use WindowStall\Window\Written\WrittenPage;

/** A page of the shop that its seller writes: where it stands, and how. */
final readonly class WrittenPageView
{
    /**
     * @param  string  $stands  how it stands, in words
     * @param  string  $datedOn  of a note: YYYY-MM-DD; "" until it is shown, and of all others
     * @param  bool  $shown  whether shoppers see it, or an earlier state of it
     */
    public function __construct(
        public int $id,
        public string $kind,
        public string $title,
        public string $slug,
        public string $address,
        public string $searchTitle,
        public string $searchWords,
        public SearchCutView $cut,
        public bool $hidden,
        public bool $shown,
        public string $stands,
        public string $datedOn,
    ) {
    }

    public static function of(Stall $stall, WrittenPage $page, ?WindowGoods $goods = null): self
    {
        $shown = $page->shown !== null;
        $same = $shown && $page->changes() === 0;
        $blank = ! $shown && $page->blank($goods ?? WindowGoods::of($stall));

        return new self(
            id: $page->id,
            kind: $page->kind->value,
            title: $page->title,
            slug: $page->slug,
            address: self::seenAt($stall, $page),
            searchTitle: (string) $page->search_title,
            searchWords: (string) $page->search_words,
            cut: SearchCutView::of(
                $page->search_title ?? $page->title,
                $page->search_words ?? SearchCut::words(PageSays::plain($page->workingContent())),
                $stall->shopAddress($page->address()),
            ),
            hidden: $page->hidden,
            shown: $shown,
            datedOn: (string) $page->dated_on?->toDateString(),
            stands: match (true) {
                ! $shown && $blank => 'Nothing is written on it yet.',
                ! $shown => 'Shoppers don’t see it yet.',
                ! $same => 'Shoppers see it as it was before.',
                $page->hidden => 'Seen by whoever has its address.',
                default => 'Shoppers see it.',
            },
        );
    }

    /** Where shoppers see it; a goods page at one of the goods it lays. */
    private static function seenAt(Stall $stall, WrittenPage $page): string
    {
        $path = match ($page->kind) {
            PageKind::Goods => app(PicksGood::class)->pick($stall, $page)?->address() ?? '/goods',
            PageKind::Lists => '/goods',
            PageKind::Basket => '/basket',
            default => $page->address(),
        };

        return $stall->shopAddress($path);
    }

    /** @return list<self> */
    public static function all(Stall $stall): array
    {
        $pages = WrittenPage::of($stall)->where('kind', '<>', PageKind::Note)->orderBy('id')->get();
        $goods = WindowGoods::of($stall);

        return array_values($pages->map(static fn (WrittenPage $p): self => self::of($stall, $p, $goods))->all());
    }
}
