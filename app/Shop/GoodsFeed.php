<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Shelves\ShelfGoods;
use WindowStall\Stall\Stall;

/**
 * All goods for programs that list them elsewhere, as the market has them that the stall is seen from: schema.org DataFeed
 * (https://schema.org/DataFeed) of Products, each as on its own page. In parts; each names the next (RFC 8288).
 */
final class GoodsFeed
{
    /** Goods of one part. */
    private const PART = 100;

    private ?int $goods = null;

    public function __construct(private readonly Stall $stall, private readonly int $size = self::PART)
    {
    }

    public function has(int $part): bool
    {
        return $part >= 1 && $part <= max(1, (int) ceil($this->goods() / $this->size));
    }

    /** @param  int  $part  from 1 */
    public function address(int $part): string
    {
        return $this->stall->shopAddress($this->stall->seen()->path($part === 1 ? '/goods.json' : '/goods-'.$part.'.json'));
    }

    /**
     * @param  int  $part  from 1
     * @return array<string, mixed> JSON-LD
     */
    public function part(int $part): array
    {
        return [
            '@context' => 'https://schema.org',
            '@type' => 'DataFeed',
            'name' => $this->stall->name,
            'url' => $this->address($part),
            'inLanguage' => $this->stall->seen()->language,
            'dateModified' => now()->toIso8601String(),
            'dataFeedElement' => $this->listings($part)->map($this->product(...))->values()->all(),
        ];
    }

    /** @return array<string, mixed> */
    private function product(Listing $listing): array
    {
        $url = $this->stall->shopAddress($this->stall->seen()->path('/goods/'.$listing->slug));
        $product = GoodsPage::of(ListingFigures::of($this->stall, $listing))->jsonLd($url);
        unset($product['@context']);

        return ['@id' => $url] + $product;
    }

    /** @return Collection<int, Listing> */
    private function listings(int $part): Collection
    {
        $ids = ShelfGoods::all($this->stall)
            ->orderBy('facts.listing_id')
            ->limit($this->size)
            ->offset(($part - 1) * $this->size)
            ->pluck('facts.listing_id');

        return Listing::of($this->stall)->with(Listing::FOR_FIGURES)->whereKey($ids)->orderBy('id')->get();
    }

    private function goods(): int
    {
        return $this->goods ??= ShelfGoods::all($this->stall)->count();
    }
}
