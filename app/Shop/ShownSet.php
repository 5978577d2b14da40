<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\VariantFigures;
use WindowStall\Core\Basket\Codes\SetPrice;
use WindowStall\Core\Money\Money;
use WindowStall\Offers\Code;
use WindowStall\Stall\Stall;
use WindowStall\Window\Goods\GoodCard;

/** A set that can be bought now: its goods with what there is to choose of each, and what it saves. */
final readonly class ShownSet
{
    /** Sets shown beside one of the goods. */
    private const MOST = 3;

    /**
     * @param  list<GoodCard>  $goods
     * @param  array<int, array<int, string>>  $choices  listing → variants that can be bought → what they are; none where
     *     there is nothing to choose
     * @param  Money  $apart  what the cheapest of each cost one by one
     */
    private function __construct(public int $id, public array $goods, public array $choices, public Money $apart, public Money $price)
    {
    }

    /** @return list<self> those it stands in that cost less than their goods apart */
    public static function with(Stall $stall, Listing $listing): array
    {
        $shown = [];
        foreach (self::running($stall, $listing->id) as $code) {
            $set = count($shown) < self::MOST ? self::of($stall, $code) : null;
            if ($set !== null) {
                $shown[] = $set;
            }
        }

        return $shown;
    }

    /** @return list<string> the ends of the addresses of what stands in a set with it, now or later */
    public static function slugs(Stall $stall, Listing $listing): array
    {
        $goods = [];
        foreach (self::running($stall, $listing->id) as $code) {
            array_push($goods, ...array_diff((array) $code->reduction['goods'], [$listing->id]));
        }

        return $goods === [] ? [] : array_values(Listing::of($stall)->whereKey($goods)->pluck('slug')->map(strval(...))->all());
    }

    /** As it stands now; null where one of its goods can't be bought, or apart they cost no more. */
    public static function of(Stall $stall, Code $code): ?self
    {
        $off = $code->off($stall);
        if (! $off instanceof SetPrice) {
            return null;
        }
        $listings = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('state', ListingState::InWindow)
            ->whereKey($off->goods)
            ->get()
            ->keyBy('id');
        $goods = $choices = [];
        $apart = 0;
        foreach ($off->goods as $id) {
            $listing = $listings->get($id);
            $figures = $listing === null ? null : ListingFigures::of($stall, $listing);
            $there = $figures === null ? [] : self::there($figures);
            if ($figures === null || $there === []) {
                return null;
            }
            $goods[] = GoodCard::of($figures);
            $offer = OptionChoices::of($figures);
            foreach (count($there) > 1 ? $there : [] as $variant) {
                $choices[$id][$variant->row->id] = $stall->phrases()->chosen($offer->chosen($variant));
            }
            $apart += min(array_map(static fn (VariantFigures $v): int => $v->shown->minor ?? 0, $there));
        }

        return $off->price->minor < $apart
            ? new self($code->id, $goods, $choices, $off->price->with($apart), $off->price)
            : null;
    }

    public function saves(): Money
    {
        return $this->apart->minus($this->price);
    }

    /** @return non-empty-list<VariantFigures>|array{} those that can be bought */
    public static function there(ListingFigures $figures): array
    {
        return array_values(array_filter(
            $figures->variants,
            static fn (VariantFigures $v): bool => $v->offered() && $v->buyable() && $v->shown !== null,
        ));
    }

    /** @return list<Code> that count by themselves now */
    private static function running(Stall $stall, int $listing): array
    {
        return array_values(Code::sets($stall)
            ->whereJsonContains('reduction->goods', $listing)
            ->orderBy('id')
            ->get()
            ->filter(static fn (Code $code): bool => $code->runsAt(now()))
            ->all());
    }
}
