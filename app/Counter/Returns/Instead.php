<?php

declare(strict_types=1);

namespace WindowStall\Counter\Returns;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\VariantFigures;
use WindowStall\Counter\Order;
use WindowStall\Stall\Stall;

/** What may be had instead of goods that are sent back: the same again, or another variant of theirs, as long as it can be bought. */
final class Instead
{
    /**
     * @param  Order  $order  with its lines
     * @param  array<int, int>  $lines  pieces that may come back, by line
     * @return array<int, array<int, string>> what each variant is called, by line
     */
    public static function choices(Stall $stall, Order $order, array $lines): array
    {
        $choices = [];
        foreach ($order->lines as $line) {
            $figures = isset($lines[$line->id]) ? self::figures($stall, $line->listing_variant_id) : null;
            if ($figures === null) {
                continue;
            }
            $offer = OptionChoices::of($figures);
            foreach ($figures->variants as $variant) {
                if ($variant->buyable()) {
                    $choices[$line->id][$variant->row->id] = $stall->phrases()->chosen($offer->chosen($variant));
                }
            }
        }

        return $choices;
    }

    /** @return array<int, ListingVariant> what its shopper would like, by line */
    public static function of(Order $order, OrderReturn $return): array
    {
        $variants = ListingVariant::query()->where('stall_id', $order->stall_id)->whereKey(array_values($return->instead))->get()->keyBy('id');
        $instead = [];
        foreach ($return->instead as $line => $variant) {
            $found = $variants->get($variant);
            if ($found !== null && isset($return->pieces[$line])) {
                $instead[$line] = $found;
            }
        }

        return $instead;
    }

    public static function label(Stall $stall, ListingVariant $variant): string
    {
        [$figures, $one] = self::find($stall, $variant);

        return $figures === null || $one === null ? '' : OptionChoices::of($figures)->chosen($one);
    }

    /** What a piece costs where an order goes, in minor units of its currency; null where it isn't sold there now. */
    public static function price(Stall $stall, Order $order, ListingVariant $variant): ?int
    {
        [, $one] = self::find($stall->seenFrom($order->country), $variant);

        return $one?->shown?->currency->code === $order->currency ? $one->shown->minor : null;
    }

    /** @return array{ListingFigures|null, VariantFigures|null} */
    private static function find(Stall $stall, ListingVariant $variant): array
    {
        $figures = self::figures($stall, $variant->id);
        foreach ($figures->variants ?? [] as $one) {
            if ($one->row->id === $variant->id) {
                return [$figures, $one];
            }
        }

        return [null, null];
    }

    private static function figures(Stall $stall, ?int $variant): ?ListingFigures
    {
        $listing = $variant === null ? null : Listing::query()
            ->with(Listing::FOR_FIGURES)
            ->where('stall_id', $stall->id)
            ->whereHas('variants', static fn ($q) => $q->whereKey($variant))
            ->first();

        return $listing === null ? null : ListingFigures::of($stall, $listing);
    }
}
