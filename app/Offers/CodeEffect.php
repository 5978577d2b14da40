<?php

declare(strict_types=1);

namespace WindowStall\Offers;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\Codes\Allotment;
use WindowStall\Core\Basket\Codes\Discount as CoreCode;
use WindowStall\Core\Basket\Codes\DiscountedLine;
use WindowStall\Core\Basket\Codes\Gift;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Offers\Views\SetOfferView;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;

/** What a code does to goods in the window when one piece of each is bought with it: which fall under their floor. */
final class CodeEffect
{
    /** Goods that are looked at; of more, those shown last. */
    private const MOST = 150;

    /** A sentence for the seller; "" where nothing falls under its floor. */
    public static function said(Stall $stall, Code $code): string
    {
        $off = $code->off($stall);
        if ($off instanceof Gift) {
            return self::gift($stall, $off);
        }
        if ($off instanceof SetPrice) {
            return self::set($stall, $off);
        }
        $fallen = 0;
        $worst = null;
        $listings = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('state', ListingState::InWindow)
            ->latest('id')
            ->limit(self::MOST)
            ->get();
        foreach ($listings as $listing) {
            $figures = ListingFigures::of($stall, $listing);
            $under = false;
            foreach ($figures->variants as $variant) {
                $price = $variant->offered() ? self::with($stall, $code, $listing, $variant) : null;
                $floor = $variant->row->own_under_floor ? null : $figures->recipeOf($variant)->floor;
                $landed = $variant->landed?->minor;
                if ($price === null || $floor === null || $landed === null || $floor->met($price, $landed, $figures->terms)) {
                    continue;
                }
                $under = true;
                [$keep] = $figures->terms->keep($price, $landed);
                if ($worst === null || $keep < $worst['keep']) {
                    $worst = ['keep' => $keep, 'title' => (string) $listing->shown_title, 'price' => $price];
                }
            }
            $fallen += $under ? 1 : 0;
        }
        if ($worst === null) {
            return '';
        }

        return sprintf(
            '%s of the goods it holds for would fall under %s floor, %s worst: at %s it %s %s. %s',
            $fallen === 1 ? 'One' : (string) $fallen,
            $fallen === 1 ? 'its' : 'their',
            $worst['title'],
            MoneyView::text($stall->money($worst['price'])),
            $worst['keep'] < 0 ? 'loses' : 'keeps',
            MoneyView::text($stall->money(abs($worst['keep']))),
            $code->under_floor ? 'You allow that.' : 'The code takes nothing off those.',
        );
    }

    private static function set(Stall $stall, SetPrice $set): string
    {
        $offer = SetOfferView::of(SetOffer::of($stall, $set->goods, $set->price));

        return $offer->keep === null ? $offer->words : sprintf(
            'A set keeps %s; apart they would keep %s. %s',
            $offer->keep->text,
            $offer->keepApart->text ?? '',
            $offer->words,
        );
    }

    /** What is given away has a cost, too. */
    private static function gift(Stall $stall, Gift $gift): string
    {
        $listing = Listing::of($stall)->with(Listing::FOR_FIGURES)->find($gift->goods);
        $costs = $listing === null ? [] : array_filter(array_map(
            static fn (VariantFigures $v): ?int => $v->offered() ? $v->landed?->minor : null,
            ListingFigures::of($stall, $listing)->variants,
        ), is_int(...));

        return match (true) {
            $listing?->state !== ListingState::InWindow => 'It isn’t in the window, so nobody can be given it yet.',
            $costs === [] => 'What a gift costs you isn’t known: none of it can be sent.',
            min($costs) === max($costs) => sprintf('Each gift costs you %s.', MoneyView::text($stall->money(min($costs)))),
            default => sprintf(
                'Each gift costs you %s to %s.',
                MoneyView::text($stall->money(min($costs))),
                MoneyView::text($stall->money(max($costs))),
            ),
        };
    }

    /** What one piece would be sold for; null where the code doesn't change it. */
    private static function with(Stall $stall, Code $code, Listing $listing, VariantFigures $variant): ?int
    {
        $price = $variant->price->minor ?? 0;
        $line = new CodedLine($variant->row->id, $listing->id, $listing->own_tags, 1, $price, 0);
        if (! app(CodesAtTill::class)->holdsFor($code, $line)) {
            return null;
        }
        $off = array_sum(Allotment::of(
            [new DiscountedLine($line->key, 1, $price)],
            [new CoreCode($code->id, $code->off($stall))],
        )->lines);

        return $off === 0 ? null : $price - $off;
    }
}
