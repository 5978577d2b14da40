<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Offers\Code;
use WindowStall\Stall\Stall;

/** Lays one piece of each of the goods of a set into a basket: the variants that were chosen, else the first of each. */
final class PutSet
{
    /**
     * @param  array<mixed>  $chosen  listing → variant, as it was posted
     * @return list<VariantFigures>|null what goes in; null where the set can't be had like that
     */
    public static function pieces(Stall $stall, int $set, array $chosen): ?array
    {
        $code = Code::sets($stall)->find($set);
        $shown = $code !== null && $code->runsAt(now()) ? ShownSet::of($stall, $code) : null;
        $pieces = [];
        foreach ($shown->goods ?? [] as $card) {
            $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->findOrFail($card->id);
            $there = ShownSet::there(ListingFigures::of($stall, $listing));
            $wanted = $chosen[$card->id] ?? null;
            $fits = $wanted === null ? $there : array_values(array_filter(
                $there,
                static fn (VariantFigures $v): bool => is_numeric($wanted) && $v->row->id === (int) $wanted,
            ));
            if ($fits === []) {
                return null;
            }
            $pieces[] = $fits[0];
        }

        return $pieces === [] ? null : $pieces;
    }

    /** @param  list<VariantFigures>  $pieces */
    public static function into(Basket $basket, array $pieces): void
    {
        foreach ($pieces as $variant) {
            $basket->put($variant->row->id, 1, min(BasketLine::MOST_PIECES, $variant->available));
            $basket->chosen($variant);
        }
    }
}
