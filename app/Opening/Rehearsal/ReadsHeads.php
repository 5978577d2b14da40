<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal;

use Symfony\Component\DomCrawler\Crawler;
use WindowStall\Core\Opening\Seen\PageSort;
use WindowStall\Core\Opening\Seen\SeenPage;
use WindowStall\Shelves\Shelf;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;
use WindowStall\Window\Written\WrittenPage;

/** Reads the heads of a shop's pages as whoever shows them elsewhere does: the front page, shelves, pages, and the goods that sell best. */
final readonly class ReadsHeads
{
    private const EACH = 20;

    private const GOODS = 40;

    public function __construct(private ReachesShop $way)
    {
    }

    /** @return list<SeenPage> */
    public function __invoke(Stall $stall): array
    {
        $browser = new ShopBrowser($stall, $this->way);
        $seen = [];
        foreach (self::addresses($stall) as $address => $sort) {
            $page = $browser->request('GET', $stall->shopAddress($address));
            if ($browser->status() === 200) {
                $seen[] = self::read($page, $sort, $address);
            }
        }

        return $seen;
    }

    /** @return array<string, PageSort> */
    private static function addresses(Stall $stall): array
    {
        $all = ['/' => PageSort::Front];
        foreach (Shelf::of($stall)->orderBy('id')->limit(self::EACH)->get() as $shelf) {
            $all[$shelf->address()] = PageSort::Shelf;
        }
        foreach (WrittenPage::of($stall)->whereNotNull('shown')->orderByDesc('id')->limit(self::EACH)->get() as $page) {
            $all[$page->address()] = PageSort::Page;
        }
        $goods = ShelfGoods::all($stall)
            ->join('listings AS listing', 'listing.id', '=', 'facts.listing_id')
            ->orderByDesc('facts.sold_pieces')
            ->orderBy('facts.listing_id')
            ->limit(self::GOODS)
            ->pluck('listing.slug');
        foreach ($goods as $slug) {
            $all['/goods/'.$slug] = PageSort::Goods;
        }

        return $all;
    }

    private static function read(Crawler $page, PageSort $sort, string $address): SeenPage
    {
        $said = static fn (string $meta): string => trim((string) ($page->filter('meta['.$meta.']')->extract(['content'])[0] ?? ''));

        return new SeenPage($sort, $address, $said('property="og:title"'), $said('name="description"'), $said('property="og:image"'));
    }
}
