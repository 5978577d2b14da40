<?php

declare(strict_types=1);

namespace WindowStall\Counter\Additions;

use DateTimeImmutable;
use Illuminate\Support\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\VariantFigures;
use WindowStall\Counter\Order;
use WindowStall\Counter\OrderLine;
use WindowStall\Shop\BoughtWith;
use WindowStall\Shop\Related;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Window\Goods\GoodCard;

/** What can be added to an order that was just paid: goods that go well with it and lie where it is packed. */
final readonly class Additions
{
    private const MOST = 3;

    /** Goods that are looked at for them. */
    private const LOOKED_AT = 12;

    /** @param  list<OfferedAddition>  $goods */
    private function __construct(public DateTimeImmutable $until, public array $goods)
    {
    }

    /**
     * @param  Stall  $stall  as its shopper reads it
     * @param  Order  $order  with its lines, its supplier orders and their connections
     * @return self|null null where nothing can be added any more
     */
    public static function to(Stall $stall, Order $order): ?self
    {
        $open = OpenParcels::of($stall, $order);
        if ($open === null) {
            return null;
        }
        $offered = [];
        foreach (self::listings($stall, self::bought($order)) as $figures) {
            $variants = self::isFor($order, $figures->listing) ? self::fitting($open, $figures) : [];
            if ($variants !== [] && count($offered) < self::MOST) {
                $offered[] = self::offer($stall, $figures, $variants);
            }
        }

        return $offered === [] ? null : new self($open->until, $offered);
    }

    /** Whether one of a listing's variants can be. */
    public static function takes(Stall $stall, Order $order, Listing $listing, int $variant): bool
    {
        $open = OpenParcels::of($stall, $order);
        $fits = $open !== null && self::isFor($order, $listing);
        $fitting = $fits ? self::fitting($open, ListingFigures::of($stall, $listing)) : [];

        return in_array($variant, array_map(static fn (VariantFigures $v): int => $v->row->id, $fitting), true);
    }

    /** What is for grown-ups is added by who said already that they are. */
    private static function isFor(Order $order, Listing $listing): bool
    {
        return ! $listing->own_grown_up || $order->said_age !== null;
    }

    /** @return list<int> listings */
    private static function bought(Order $order): array
    {
        $variants = $order->lines->map(static fn (OrderLine $line): ?int => $line->listing_variant_id)->filter();

        return array_values(ListingVariant::query()
            ->whereKey($variants)
            ->pluck('listing_id')
            ->map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)
            ->unique()
            ->all());
    }

    /**
     * @param  list<int>  $bought
     * @return list<ListingFigures> what goes with it best first
     */
    private static function listings(Stall $stall, array $bought): array
    {
        $ids = array_slice([...BoughtWith::basket($stall, $bought), ...self::beside($stall, $bought)], 0, self::LOOKED_AT);
        /** @var Collection<int, Listing> $listings */
        $listings = Listing::of($stall)
            ->with(Listing::FOR_FIGURES)
            ->where('state', ListingState::InWindow)
            ->whereKey(array_diff($ids, $bought))
            ->get()
            ->sortBy(static fn (Listing $listing): int|false => array_search($listing->id, $ids, true));

        return array_values($listings->map(static fn (Listing $l): ListingFigures => ListingFigures::of($stall, $l))->all());
    }

    /**
     * What stands on the same shelves.
     *
     * @param  list<int>  $bought
     * @return list<int>
     */
    private static function beside(Stall $stall, array $bought): array
    {
        $first = $bought === [] ? null : Listing::of($stall)->find($bought[0]);

        return ! $first instanceof Listing ? [] : array_map(
            static fn (GoodCard $card): int => $card->id,
            Related::to($stall, $first)->goods,
        );
    }

    /** @return list<VariantFigures> those of its variants that lie where the order is packed */
    private static function fitting(OpenParcels $open, ListingFigures $figures): array
    {
        $sold = array_values(array_filter($figures->variants, static fn (VariantFigures $v): bool => $v->buyable() && $v->said !== null));
        $items = array_map(static fn (VariantFigures $v): int => $v->row->selling()->supplier_item_id, $sold);
        $suppliers = SupplierItem::query()->whereKey($items)->pluck('connection_id', 'id');

        return array_values(array_filter($sold, static fn (VariantFigures $v): bool => $open->take(
            (int) $suppliers->get($v->row->selling()->supplier_item_id),
            $v->said->stock ?? [],
        )));
    }

    /** @param  non-empty-list<VariantFigures>  $variants */
    private static function offer(Stall $stall, ListingFigures $figures, array $variants): OfferedAddition
    {
        $card = GoodCard::of($figures);
        $phrases = $stall->phrases();
        $price = static fn (VariantFigures $v): string => MoneyView::text($v->shown ?? $stall->seen()->money(0));
        $prices = array_unique(array_map($price, $variants));
        $choices = [];
        foreach ($variants as $variant) {
            $chosen = $phrases->chosen(OptionChoices::of($figures)->chosen($variant));
            $choices[$variant->row->id] = count($prices) === 1 ? $chosen : $chosen.', '.$price($variant);
        }

        return new OfferedAddition(
            $card->title,
            $card->url,
            $card->picture,
            $choices,
            count($prices) === 1 ? $prices[0] : '',
        );
    }
}
