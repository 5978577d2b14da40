<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\Codes\Gift;
use WindowStall\Offers\Code;
use WindowStall\Stall\Stall;

/** Lays what a code gives away into the basket of whoever typed it, where nothing of it lies there: the cheapest there is. */
final class PutGift
{
    public static function of(Stall $stall, Basket $basket, string $code): void
    {
        $off = Code::called($stall, $code)?->off($stall);
        $stall = $stall->seenFrom($basket->destination($stall)->country);
        $listing = $off instanceof Gift
            ? Listing::of($stall)->with(Listing::FOR_FIGURES)->where('state', ListingState::InWindow)->find($off->goods)
            : null;
        if ($listing === null || $basket->lines()->whereIn('listing_variant_id', $listing->variants->modelKeys())->exists()) {
            return;
        }
        $there = array_filter(
            ListingFigures::of($stall, $listing)->variants,
            static fn (VariantFigures $v): bool => $v->offered() && $v->buyable() && $v->shown !== null,
        );
        usort($there, static fn (VariantFigures $a, VariantFigures $b): int => [$a->shown?->minor, $a->row->id]
            <=> [$b->shown?->minor, $b->row->id]);
        if ($there !== []) {
            $basket->put($there[0]->row->id, 1, 1);
            $basket->chosen($there[0]);
        }
    }
}
