<?php

declare(strict_types=1);

namespace WindowStall\Window\Views;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;
use WindowStall\Window\Written\DressedGoods;
use WindowStall\Window\Written\DressedPage;
use WindowStall\Window\Written\PageKind;
use WindowStall\Window\Written\WrittenPage;

/** The pages a seller writes, those there could be, and how the policies stand. */
final readonly class PagesView
{
    private const TYPES = 60;

    /** Notes listed, the latest first. */
    private const NOTES = 60;

    /**
     * @param  list<WrittenPageView>  $pages
     * @param  array<string, string>  $missing  kinds of pages there aren't yet: kind → what it is called
     * @param  list<GoodsPageView>  $goods  how goods are shown: all of them first, then types, then single ones
     * @param  list<LaidPageView>  $laid  lists of goods and the basket
     * @param  list<WrittenNoteView>  $notes  the latest first
     * @param  list<OutsideScriptView>  $scripts  of others, beside the shop
     * @param  list<string>  $types  of goods that have no page of their own yet
     */
    public function __construct(
        public array $pages,
        public array $missing,
        public PoliciesView $policies,
        public array $goods,
        public array $types,
        public SoldOnlyView $only,
        public CornerTagsView $tags,
        public array $notes,
        public array $laid,
        public array $scripts,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $pages = WrittenPageView::all($stall);
        $there = array_column($pages, 'kind');
        $missing = [];
        foreach ([PageKind::About, PageKind::Contact, PageKind::Questions] as $kind) {
            if (! in_array($kind->value, $there, true)) {
                $missing[$kind->value] = $kind->heading();
            }
        }

        $goods = DressedGoods::pages($stall)
            ->orderByRaw('goods_listing_id IS NOT NULL, goods_type IS NOT NULL')
            ->orderBy('title')
            ->get();

        return new self(
            pages: $pages,
            missing: $missing,
            policies: PoliciesView::of($stall),
            goods: array_values($goods->map(GoodsPageView::of(...))->all()),
            only: SoldOnlyView::of($stall),
            tags: CornerTagsView::of($stall),
            laid: array_map(
                static fn (PageKind $kind): LaidPageView => LaidPageView::of($kind, DressedPage::page($stall, $kind)),
                [PageKind::Lists, PageKind::Basket],
            ),
            notes: array_values(WrittenPage::dressed($stall)
                ->where('kind', PageKind::Note)
                ->orderByRaw('dated_on DESC NULLS FIRST, id DESC')
                ->limit(self::NOTES)
                ->get()
                ->map(WrittenNoteView::of(...))
                ->all()),
            scripts: OutsideScriptView::all($stall),
            types: self::types($stall, $goods->pluck('goods_type')->filter()->all()),
        );
    }

    /**
     * @param  array<array-key, string>  $there
     * @return list<string>
     */
    private static function types(Stall $stall, array $there): array
    {
        $types = Listing::of($stall)
            ->where('state', ListingState::InWindow)
            ->whereNotNull('own_type')
            ->whereNotIn('own_type', $there)
            ->distinct()
            ->orderBy('own_type')
            ->limit(self::TYPES)
            ->pluck('own_type');

        return array_values($types->map(strval(...))->all());
    }
}
