<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Bench\Readiness;
use WindowStall\Core\Bench\VariantState;
use WindowStall\Core\Bench\Wording;
use WindowStall\Core\Facts\Fact;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Sale\SaleTerms;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Source\Item;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Recipes;

/** A listing in its three voices with every figure, worked out by core from what is stored. */
final readonly class ListingFigures
{
    /**
     * @param  Fact<string>  $title
     * @param  Fact<string>  $words  HTML; the supplier's is untrusted
     * @param  list<Picture>  $pictures  as the shopper would see them, in order, ready or not
     * @param  list<VariantFigures>  $variants
     * @param  TaxClass  $taxClass  how its goods are taxed
     * @param  SaleTerms  $terms  what a sale of it bears in the market it is seen from
     */
    private function __construct(
        public Listing $listing,
        public Stall $stall,
        private ListingWords $said,
        public Item $agreed,
        public Item $now,
        public Fact $title,
        public Fact $words,
        public bool $picturesHeld,
        public array $pictures,
        public bool $recipeHeld,
        public array $variants,
        public TaxClass $taxClass,
        public SaleTerms $terms,
    ) {
    }

    /** @param  Listing  $listing with {@see Listing::FOR_FIGURES} loaded, or able to load them */
    public static function of(Stall $stall, Listing $listing): self
    {
        $listing->loadMissing(Listing::FOR_FIGURES);
        $words = ListingWords::of($listing);
        $sources = array_values(
            array_unique(
                array_merge(...array_map(static fn (array $pair): array => $pair[1]->pictures, array_values($words->items))),
            ),
        );
        $pictures = self::pictures($listing, $listing->waiting['pictures'] ?? $sources);
        // Worked out once: a cost sheet is made for each asking.
        $seen = $stall->seen();
        $sheet = CostSheet::of($stall);
        $class = $sheet->taxes()->classOf($listing->id, $listing->own_type);
        $terms = $sheet->terms($seen->country, $class, $words->now->giving === null);
        $landed = $seen->isHome() ? null : LandedThere::of($listing, $seen->country);
        $variants = array_values(
            $listing->variants
                ->map(fn (ListingVariant $row): VariantFigures => self::variant($stall, $terms, $row, $words, $landed))
                ->all(),
        );

        return new self(
            $listing,
            $stall,
            $words,
            $words->agreed,
            $words->now,
            $words->title,
            $words->words,
            $listing->own_pictures !== null,
            $pictures,
            $listing->own_recipe !== null,
            $variants,
            $class,
            $terms,
        );
    }

    /**
     * Whether it may go in the window, weighed anew each time.
     *
     * @param  bool  $accepted  as if the seller had accepted its drafts
     */
    public function readiness(bool $accepted = false): Readiness
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
            $accepted ? [] : $this->listing->drafts,
            $this->wording(),
        );
    }

    /** What shoppers would read of it. */
    public function wording(): Wording
    {
        return $this->said->wording($this->stall);
    }

    /**
     * What one piece at a price comes to in the home market; null where the supplier doesn't deliver there.
     *
     * @param  SaleTerms|null  $terms  where they aren't those of what is posted
     */
    public static function ring(Stall $stall, ?Price $priced, Money $price, ?SaleTerms $terms = null): ?Till
    {
        $landed = $priced?->landed($stall->currencyValue());

        return $landed === null ? null : Till::ring($price, $landed, $terms ?? $stall->terms());
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

    /** @param  LandedThere|null  $there  how it comes to the market it is seen from; null for the home market */
    private static function variant(
        Stall $stall,
        SaleTerms $terms,
        ListingVariant $row,
        ListingWords $words,
        ?LandedThere $there,
    ): VariantFigures {
        $supplier = $row->selling();
        [, $now] = $words->itemsOf($row);
        $said = $words->variant($row);
        $options = $words->options($row);
        $priced = $row->priceIn($stall->seen()->country);
        $price = $stall->moneyOrNull($priced?->price_minor);
        $landed = $priced?->landed($stall->currencyValue());

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
            $price === null || $landed === null ? null : Till::ring($price, $landed, $terms),
            $supplier->available(),
            $there === null ? $supplier->days() : $there->days($supplier->id),
            $there === null ? $supplier->warehouse : $there->warehouse($supplier->id),
            $said?->picture === null ? null : $now->pictures[$said->picture] ?? null,
            $priced,
            $there === null ? $price : $priced?->shown(),
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
}
