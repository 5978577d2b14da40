<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Stall\Stall;
use WindowStall\Support\RichText;
use WindowStall\Window\Content;
use WindowStall\Window\Pages\PageRenderer;

/** The pages of goods, in the frame that the window gives every page. */
final readonly class ShopRenderer
{
    /** Letters of a description that search engines show. */
    private const DESCRIPTION = 155;

    public function __construct(private PageRenderer $pages)
    {
    }

    public function home(Stall $stall, Content $content): string
    {
        return $this->pages->home($stall, $content);
    }

    public function goods(Stall $stall, Content $content, Listing $listing): string
    {
        $page = GoodsPage::of(ListingFigures::of($stall, $listing));
        $plain = RichText::plain($page->words);

        return $this->pages->page($stall, $content, 'goods', [
            'title' => $listing->own_search_title ?? $page->title,
            'good' => $page,
            'description' => $listing->own_search_words ?? mb_strimwidth($plain, 0, self::DESCRIPTION, '…'),
            'path' => '/goods/'.$listing->slug,
        ]);
    }

    /** @param  array<string, mixed>  $data */
    public function page(Stall $stall, Content $content, string $view, array $data): string
    {
        return $this->pages->page($stall, $content, $view, $data);
    }

    /**
     * A page in the shop's look with nothing around it.
     *
     * @param  array<string, mixed>  $data
     */
    public function bare(Stall $stall, Content $content, string $view, array $data): string
    {
        return $this->pages->bare($stall, $content, $view, $data);
    }

    public function published(Stall $stall): Content
    {
        return $this->pages->published($stall);
    }
}
