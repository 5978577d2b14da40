<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Bench\Readiness;
use WindowStall\Core\Bench\VariantState;
use WindowStall\Core\Bench\Wording;
use WindowStall\Core\Delivery\DayRange;
use WindowStall\Core\Facts\Fact;
use WindowStall\Core\Facts\Policy;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Source\Item;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Support\RichText;

/** A listing in its three voices with every figure, worked out by core from what is stored. */
final readonly class ListingFigures
{
    /**
     * @param  Fact<string>  $title
     * @param  Fact<string>  $words  HTML; the supplier's is untrusted
     * @param  list<Picture>  $pictures  as the shopper would see them, in order, ready or not
     * @param  list<VariantFigures>  $variants
     */
    private function __construct(
        public Listing $listing,
        public Stall $stall,
        public Item $agreed,
        public Item $now,
        public Fact $title,
        public Fact $words,
        public bool $picturesHeld,
        public array $pictures,
        public bool $recipeHeld,
        public array $variants,
    ) {
    }

    /** @param  Listing  $listing with {@see Listing::FOR_FIGURES} loaded, or able to load them */
    public static function of(Stall $stall, Listing $listing): self
    {
        $listing->loadMissing(Listing::FOR_FIGURES);
        $agreed = $listing->agreedWords?->item() ?? throw new \LogicException('A listing always has agreed words.');
        $now = $listing->supplierItem?->words?->item() ?? $agreed;
        $items = self::items($listing, $agreed, $now);
        $title = self::fact($listing->waiting['title'] ?? null, $now->title, $listing->own_title);
        $words = self::fact($listing->waiting['words'] ?? null, $now->description, $listing->own_words);
        $sources = array_values(
            array_unique(
                array_merge(...array_map(static fn (array $pair): array => $pair[1]->pictures, array_values($items))),
            ),
        );
        $pictures = self::pictures($listing, $listing->waiting['pictures'] ?? $sources);
        $variants = array_values(
            $listing->variants
                ->map(fn (ListingVariant $row): VariantFigures => self::variant($stall, $listing, $row, $items))
                ->all(),
        );

        return new self(
            $listing,
            $stall,
            $agreed,
            $now,
            $title,
            $words,
            $listing->own_pictures !== null,
            $pictures,
            $listing->own_recipe !== null,
            $variants,
        );
    }

    /** Whether it may go in the window, weighed anew each time. */
    public function readiness(): Readiness
    {
        return Readiness::of(
            $this->title->shown(),
            count($this->pictures),
            count(array_filter($this->pictures, static fn (Picture $p): bool => $p->state === Picture::READY)),
            array_map(
                static fn (VariantFigures $v): VariantState => new VariantState(
                    $v->label,
                    $v->on,
                    $v->available,
                    $v->price,
                    $v->till?->keep,
                    $v->underFloor(),
                    $v->row->own_under_floor,
                    $v->row->selling()->to_order,
                ),
                $this->variants,
            ),
            $this->stall->marketName(),
            $this->listing->drafts,
            $this->wording(),
        );
    }

    /** What shoppers would read of it. */
    public function wording(): Wording
    {
        $options = [];
        foreach ($this->variants as $variant) {
            if ($variant->on) {
                foreach ($variant->options as $name => $value) {
                    $options[$name][$value] = true;
                }
            }
        }

        return new Wording(
            title: $this->title->shown(),
            words: RichText::lines($this->words->shown()),
            // An option with one value leaves nothing to choose, and no shopper reads it.
            options: array_map(
                static fn (array $values): array => array_map(strval(...), array_keys($values)),
                array_filter($options, static fn (array $values): bool => count($values) > 1),
            ),
            own: [$this->stall->name, (string) config('stall.shops_host')],
            meant: $this->listing->own_meant,
        );
    }

    /** What one piece at a price comes to in the home market; null where the supplier doesn't deliver there. */
    public static function ring(Stall $stall, ?Price $priced, Money $price): ?Till
    {
        $landed = $priced?->landed($stall->currencyValue());

        return $landed === null ? null : Till::ring($price, $landed, $stall->terms());
    }

    /**
     * The variants whose prices speak for it: those that can be bought; where none can, all that are offered.
     *
     * @return list<VariantFigures>
     */
    public function priced(): array
    {
        $on = array_values(array_filter($this->variants, static fn (VariantFigures $v): bool => $v->on && $v->price !== null));
        $buyable = array_values(array_filter($on, static fn (VariantFigures $v): bool => $v->buyable()));

        return $buyable === [] ? $on : $buyable;
    }

    public function from(): ?Money
    {
        $prices = array_map(static fn (VariantFigures $v): ?Money => $v->price, $this->priced());
        $prices = array_filter($prices);

        return $prices === []
            ? null
            : array_reduce(
                $prices,
                static fn (?Money $least, Money $p): Money => $least === null || $p->compare($least) < 0 ? $p : $least,
            );
    }

    /**
     * @param  string|null  $waiting  what was agreed, as long as what is said now waits
     * @return Fact<string>
     */
    private static function fact(?string $waiting, string $now, ?string $own): Fact
    {
        return match (true) {
            $own !== null => Fact::held($waiting ?? $now, $now, $own),
            $waiting !== null => Fact::following($waiting, $now, Policy::Ask),
            default => Fact::following($now, $now),
        };
    }

    /**
     * @param  list<string>  $sources  the suppliers' pictures
     * @return list<Picture>
     */
    private static function pictures(Listing $listing, array $sources): array
    {
        $wanted =
            $listing->own_pictures !== null
                ? array_map(
                    static fn (int $id): ?Picture => $listing->pictures->firstWhere('id', $id),
                    $listing->own_pictures,
                )
                : array_map(
                    static fn (string $source): ?Picture => $listing->pictures->firstWhere('source', $source),
                    $sources,
                );

        return array_values(
            array_filter($wanted, static fn (?Picture $p): bool => $p !== null && $p->state !== Picture::FAILED),
        );
    }

    /** @param  array<int, array{Item, Item}>  $items  agreed and now, by supplier item */
    private static function variant(Stall $stall, Listing $listing, ListingVariant $row, array $items): VariantFigures
    {
        $own = $row->supplierVariant ?? throw new \LogicException('A listing’s variant always has its supplier’s.');
        $supplier = $row->selling();
        [$agreed, $now] = $items[$own->supplier_item_id] ?? $items[$listing->supplier_item_id];
        $said = $now->variant($row->external_id) ?? $agreed->variant($row->external_id);
        $priced = $row->priceIn($stall->home_market);
        $price = $stall->moneyOrNull($priced?->price_minor);
        $options =
            ($row->own_options ?? []) +
            OptionNames::apply(
                $listing->own_names ?? [],
                $said->options ?? [],
                $listing->own_dropped,
                $listing->own_option_order,
            );

        return new VariantFigures(
            $row,
            $said,
            $said === null && $options === [] ? $supplier->label : implode(' · ', $options),
            $options,
            $row->own_on,
            $said?->cost,
            $stall->moneyOrNull($priced?->landed_minor),
            $stall->moneyOrNull($priced?->recipe_minor),
            $price,
            $price === null ? null : self::ring($stall, $priced, $price),
            $supplier->available(),
            $supplier->days_min === null || $supplier->days_max === null
                ? null
                : new DayRange($supplier->days_min, $supplier->days_max),
            $supplier->warehouse,
            $said?->picture === null ? null : $now->pictures[$said->picture] ?? null,
            $priced,
        );
    }

    /** A variant's values joined, as the shopper reads them. */
    public function labelOf(int $variantId): string
    {
        foreach ($this->variants as $variant) {
            if ($variant->row->id === $variantId) {
                return $variant->label;
            }
        }

        return '';
    }

    /** The recipe that counts for a variant in the home market: its own, its listing's, or the stall's. */
    public function recipeOf(VariantFigures $variant): Recipe
    {
        $own = $variant->row->own_recipe ?? $this->listing->own_recipe;
        $recipe =
            $own ??
            (
                $this->stall->recipes->firstWhere('id', $variant->priced?->recipe_id) ??
                ($this->stall->recipes->last() ?? throw new \LogicException('A stall always has a recipe.'))
            )->recipe;

        return Recipes::stored((string) json_encode($recipe), $this->stall->currencyValue());
    }

    /** What an option of the supplier's is called here. */
    public function shownName(string $option): string
    {
        $as = $this->listing->own_names[$option]['as'] ?? '';

        return $as === '' ? $option : $as;
    }

    /**
     * The items of a listing joined from several, its own first.
     *
     * @return array<int, array{Item, Item}> agreed and now, by supplier item
     */
    private static function items(Listing $listing, Item $agreed, Item $now): array
    {
        $items = [$listing->supplier_item_id => [$agreed, $now]];
        foreach ($listing->joined as $joined) {
            $then = $joined->agreedWords?->item();
            if ($then !== null) {
                $items[$joined->supplier_item_id] = [$then, $joined->supplierItem?->words?->item() ?? $then];
            }
        }

        return $items;
    }
}
