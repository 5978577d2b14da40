<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Support\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingState;
use WindowStall\Bench\OptionChoices;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\FloorPrice;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Core\Basket\BasketLine;
use WindowStall\Core\Basket\ToFreeDelivery;
use WindowStall\Core\Basket\Totals;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Delivery\Places\Destination;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rate;
use WindowStall\Core\Policies\GrownUpAge;
use WindowStall\Core\Pricing\Recipe\Floor;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Offers\TillCodes;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Stall\Terms\Taxes;

/** A basket as it stands now: today's prices and stock, what it comes to, and what stands in the way of buying it. */
final readonly class BasketContents
{
    /**
     * @param  list<BasketEntry>  $entries
     * @param  list<string>  $unbuyable  sentences for the shopper: what has sold out
     * @param  list<string>  $troubles  the same with what can’t be sent there; empty when it can be bought
     * @param  list<string>  $moved  what is otherwise now than when the shopper chose it
     * @param  BasketDelivery  $delivery  as it would go if it were paid now
     * @param  TillCodes  $codes  what is taken off
     * @param  Money|null  $toFree  how much more makes delivery free; null where that isn't held out
     * @param  ShopMarket  $market  whose prices it has: that of where it goes
     */
    private function __construct(
        public array $entries,
        public Totals $totals,
        public array $unbuyable,
        public array $troubles,
        public array $moved,
        public BasketDelivery $delivery,
        public TillCodes $codes,
        public ?Money $toFree,
        public ShopMarket $market,
    ) {
    }

    /**
     * @param  Destination|null  $to  where it is to go; where its shopper said last, if nothing else is given
     * @param  string|null  $email  of the shopper, once it is said: some codes go by it
     * @param  bool  $reverse  sold without tax to a business that owes it itself
     * @param  Collection<int, BasketRow>|null  $rows  what lies in it, where that isn't kept
     */
    public static function of(
        Stall $stall,
        ?Basket $basket,
        ?Destination $to = null,
        ?int $way = null,
        ?string $email = null,
        bool $reverse = false,
        ?Collection $rows = null,
    ): self {
        $to ??= $basket?->destination($stall) ?? new Destination($stall->home_market);
        $stall = $stall->seenFrom($to->country);
        $market = $stall->seen();
        $rows ??= $basket?->lines()->with('variant')->get() ?? collect();
        $listings = Listing::query()
            ->with(Listing::FOR_FIGURES)
            ->where('stall_id', $stall->id)
            ->whereKey($rows->map(fn (BasketRow $r): ?int => $r->variant?->listing_id)->filter()->unique()->all())
            ->get()
            ->keyBy('id');
        $phrases = $stall->phrases()->prime(...$listings->pluck('shown_title')->all());
        $entries = [];
        $troubles = [];
        $goods = [];
        $worked = [];
        foreach ($rows as $row) {
            $listing = $listings->get((int) $row->variant?->listing_id);
            if ($listing === null) {
                continue;
            }
            $figures = $worked[$listing->id] ??= ListingFigures::of($stall, $listing);
            foreach ($figures->variants as $variant) {
                if ($variant->row->id !== $row->listing_variant_id) {
                    continue;
                }
                $shown = $listing->state === ListingState::InWindow && $variant->offered();
                $ready = array_values(
                    array_filter($figures->pictures, static fn (Picture $p): bool => $p->state === Picture::READY),
                );
                $own = array_values(
                    array_filter(
                        $ready,
                        static fn (Picture $p): bool => $p->source !== null && $p->source === $variant->pictureSource,
                    ),
                );
                $title = $figures->title->shown();
                $chosen = OptionChoices::of($figures)->chosen($variant);
                $entry = new BasketEntry(
                    $row->id,
                    $variant,
                    $phrases->chosen($chosen),
                    $phrases->say($title),
                    '/goods/'.$listing->slug,
                    $own[0] ?? ($ready[0] ?? null),
                    $row->quantity,
                    $shown ? $variant->available : 0,
                    $variant->shown ?? $market->money(0),
                    Ladders::of($listing, $stall),
                    $row->seen($stall),
                    DayRange::read((string) $row->seen_days),
                    $listing->own_tags,
                    $listing->id,
                    FloorPrice::of($stall, $figures, $variant),
                    $variant->shown === null && ! $market->isHome() ? $stall->seenName() : null,
                    $figures->taxClass,
                    $title,
                    $chosen,
                    giving: $figures->now->giving,
                    grownUp: $listing->own_grown_up,
                );
                $entries[] = $entry;
                if ($entry->trouble() !== null) {
                    $troubles[] = $entry->trouble();
                }
            }
        }
        $entries = self::climbing($entries);
        foreach ($entries as $entry) {
            $goods[$entry->variant->row->id] = self::kept($worked[$entry->listing], $entry, $market);
        }
        $terms = $stall->terms($to->country);
        $codes = BasketCodes::of($stall, $basket, $entries, $to, $email);
        $along = $basket?->joins_order_id !== null;
        $delivery = BasketDelivery::of($stall, $entries, $to, $way ?? $basket?->way, $codes, $along);
        $all = [...$troubles, ...$delivery->troubles];

        return new self(
            $entries,
            self::totals($stall, $entries, $delivery, $codes, $to, $reverse),
            $troubles,
            $all,
            array_merge(...array_map(static fn (BasketEntry $e): array => $e->moved(), $entries)),
            $delivery,
            $codes,
            $all === [] ? self::toFree($goods, $terms, $delivery, $codes, $market) : null,
            $market,
        );
    }

    /**
     * Whoever takes two in green and one in black has three of it: they climb its ladder together.
     *
     * @param  list<BasketEntry>  $entries
     * @return list<BasketEntry>
     */
    private static function climbing(array $entries): array
    {
        $together = [];
        foreach ($entries as $n => $entry) {
            if ($entry->ladder !== null && $entry->trouble() === null) {
                $together[$entry->listing][] = $n;
            }
        }
        foreach ($together as $places) {
            $ladder = $entries[$places[0]]->ladder;
            $prices = $ladder?->prices(array_map(
                static fn (int $n): array => ['piece' => $entries[$n]->unit->minor, 'pieces' => $entries[$n]->quantity],
                $places,
            )) ?? [];
            foreach ($prices as $at => $minor) {
                $entries[$places[$at]] = $entries[$places[$at]]->mixed($entries[$places[$at]]->unit->with($minor));
            }
        }

        return array_values($entries);
    }

    /** @param  list<BasketEntry>  $entries */
    private static function totals(
        Stall $stall,
        array $entries,
        BasketDelivery $delivery,
        TillCodes $codes,
        Destination $to,
        bool $reverse,
    ): Totals {
        $taxes = Taxes::of($stall);

        return Totals::of(
            array_map(static fn (BasketEntry $e): BasketLine => $e->line(), $entries),
            array_map(static fn (BasketEntry $e): Rate => $taxes->rate($e->taxClass, $to), $entries),
            array_map(static fn (BasketEntry $e): int => $codes->allotment->lines[$e->variant->row->id] ?? 0, $entries),
            $delivery->charge(),
            $taxes->rules($to->country),
            $taxes->rate(TaxClass::Standard, $to),
            $stall->seen()->currency,
            $reverse,
        );
    }

    /** @return array{goods: int, landed: int|null, pieces: int, floor: Floor|null} */
    private static function kept(ListingFigures $figures, BasketEntry $entry, ShopMarket $market): array
    {
        $landed = $entry->variant->landed;

        return [
            'goods' => $market->worth($entry->total())->minor,
            'landed' => $landed === null ? null : $landed->minor * $entry->quantity,
            'pieces' => $entry->quantity,
            // Whoever sells it under its floor on purpose doesn't mind.
            'floor' => $entry->variant->row->own_under_floor ? null : $figures->recipeOf($entry->variant)->floor,
        ];
    }

    /** @param  array<int, array{goods: int, landed: int|null, pieces: int, floor: Floor|null}>  $goods  by variant */
    private static function toFree(
        array $goods,
        SaleTerms $terms,
        BasketDelivery $delivery,
        TillCodes $codes,
        ShopMarket $market,
    ): ?Money {
        $way = $delivery->way;
        foreach ($codes->allotment->lines as $variant => $off) {
            if (isset($goods[$variant])) {
                $goods[$variant]['goods'] -= $market->worth($market->money($off))->minor;
            }
        }
        $goods = array_values($goods);

        $missing = $way === null || $way->surcharge->minor > 0 || $codes->allotment->deliveryFree
            ? null
            : ToFreeDelivery::missing($goods, $terms->charging($way->plain, $way->way->freeOver));

        return $missing === null ? null : $market->atLeast($missing);
    }

    /** From which age all of it is sold where it goes; null where to everybody. */
    public function fromAge(): ?int
    {
        foreach ($this->entries as $entry) {
            if ($entry->grownUp) {
                return GrownUpAge::of($this->delivery->to->country);
            }
        }

        return null;
    }

    /** Whether anything of it is sent. */
    public function isPosted(): bool
    {
        foreach ($this->entries as $entry) {
            if ($entry->giving === null) {
                return true;
            }
        }

        return false;
    }

    public function entry(int $id): ?BasketEntry
    {
        return array_values(array_filter($this->entries, static fn (BasketEntry $e): bool => $e->id === $id))[0] ?? null;
    }

    public function count(): int
    {
        return array_sum(array_map(static fn (BasketEntry $e): int => $e->quantity, $this->entries));
    }

    /** The same for the same goods at the same prices: two presses of "Pay" make one order. */
    public function hash(): string
    {
        return hash(
            'sha256',
            json_encode(
                [
                    array_map(
                        static fn (BasketEntry $e): array => [$e->variant->row->id, $e->quantity, $e->total()->minor],
                        $this->entries,
                    ),
                    $this->totals->total->minor,
                    $this->market->currency->code,
                    $this->totals->reverse,
                    $this->delivery->to->country,
                    $this->delivery->way?->at,
                    array_keys($this->codes->used),
                ],
                JSON_THROW_ON_ERROR,
            ),
        );
    }
}
