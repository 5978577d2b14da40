<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Stall\Stall;

/** The goods in a stall's window, as cards for sections. */
final readonly class ShopGoods
{
    public function __construct(private Stall $stall)
    {
    }

    /** @return list<GoodCard> */
    public function newest(int $count): array
    {
        return array_values($this->stall->listings()->with(Listing::FOR_FIGURES)->where('state', ListingState::InWindow)->orderByDesc('shown_since')->orderByDesc('id')->limit($count)->get()
            ->map(fn (Listing $l): GoodCard => $this->card($l))->all());
    }

    /**
     * @param  list<int>  $ids
     * @return list<GoodCard> in the order of the ids; those that aren't in the window are left out
     */
    public function only(array $ids): array
    {
        $found = $this->stall->listings()->with(Listing::FOR_FIGURES)->where('state', ListingState::InWindow)->whereKey($ids)->get()->keyBy('id');

        return array_values(array_filter(array_map(fn (int $id): ?GoodCard => $found->has($id) ? $this->card($found->get($id)) : null, $ids)));
    }

    private function card(?Listing $listing): GoodCard
    {
        return GoodCard::of(ListingFigures::of($this->stall, $listing ?? throw new \LogicException('A card needs a listing.')));
    }
}
