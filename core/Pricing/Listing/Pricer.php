<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing\Listing;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\Rounding;
use WindowStall\Core\Pricing\Recipe\Decision;
use WindowStall\Core\Pricing\Recipe\Ending;
use WindowStall\Core\Pricing\Recipe\EndingOutOfRange;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Recipe\RecipeBook;
use WindowStall\Core\Pricing\Recipe\RecipeFacts;
use WindowStall\Core\Pricing\Sale\SaleTerms;

/**
 * Prices the variants of a listing for one market: each by its recipe, brought together as the seller wants, a price by
 * hand above all.
 */
final readonly class Pricer
{
    /**
     * @param  Rates  $today  the exchange rates of the day, into the stall's currency
     * @param  Ending|null  $ending  what prices turned into the market's currency, or taken over from home, end in
     * @param  SaleTerms|null  $carried  terms with the charge for delivery that prices carry instead
     * @param  ExchangeRate|null  $back  the market's currency into the stall's, today; null where they are the same
     */
    public function __construct(
        public SaleTerms $terms,
        public RecipeBook $book,
        public Rates $today,
        public ?Ending $ending = null,
        public ?ExchangeRate $back = null,
        public ?SaleTerms $carried = null,
    ) {
    }

    /**
     * @param  list<VariantFacts>  $variants  of one listing
     * @return list<VariantPrice> in the same order
     *
     * @throws EndingOutOfRange
     */
    public function listing(array $variants, PriceSpread $spread): array
    {
        $decided = $alike = $prices = $priced = [];
        foreach ($variants as $n => $variant) {
            $decided[$n] = $one = $alike[spl_object_id($variant->from)] ??= $this->decide($variant->from);
            $prices[$n] = $one['price']?->minor;
        }
        $together =
            $spread->across === AcrossVariants::Each
                ? $prices
                : $spread->over($prices, array_map(static fn (VariantFacts $v): string => $v->step, $variants));
        foreach ($variants as $n => $variant) {
            $priced[] = $this->priced($variant, $decided[$n], $together[$n]);
        }

        return $priced;
    }

    /**
     * What one piece costs at the rates of the day, and what the recipe that counts makes of it.
     *
     * @return array{landed: Landed|null, recipe: Recipe, id: int, decision: Decision|null, price: Money|null}
     */
    private function decide(RecipeFacts $from): array
    {
        $ruled = $from->own === null ? $this->book->for($from->goods) : null;
        $recipe = $from->own ?? ($ruled->recipe ?? throw new \LogicException('A book always has a recipe.'));
        $landed = $from->cost?->landed(1, $this->today);
        $held = $landed === null || $from->held === $this->today ? $landed : $from->cost?->landed(1, $from->held);
        $decision = $held === null ? null : $recipe->decide($held, $this->terms, $from->rrp, $this->carried);
        $price = $from->follows === null || $landed === null ? $decision?->price : $from->follows;

        return [
            'landed' => $landed,
            'recipe' => $recipe,
            'id' => $ruled->id ?? 0,
            'decision' => $decision,
            'price' => $price,
        ];
    }

    /** @param  array{landed: Landed|null, recipe: Recipe, id: int, decision: Decision|null, price: Money|null}  $one */
    private function priced(VariantFacts $variant, array $one, ?int $together): VariantPrice
    {
        $own = $one['price'];
        $recipePrice = match (true) {
            $together === null => null,
            $own?->minor === $together => $own,
            default => $this->terms->charged->with($together),
        };
        $price = $variant->hand ?? $recipePrice;
        $by = match (true) {
            $variant->hand !== null => PricedBy::Hand,
            $own !== null && $own !== $recipePrice => PricedBy::Together,
            $variant->from->follows !== null => PricedBy::Conversion,
            default => $variant->from->own !== null ? PricedBy::OwnRecipe : PricedBy::Recipe,
        };
        $shown = $price === null ? null : $this->shown($variant, $price);
        if ($price === null || $shown === null || $one['landed'] === null) {
            return new VariantPrice(
                $variant->id,
                $one['landed'],
                $price,
                $shown,
                $recipePrice,
                $by,
                $one['id'],
                null,
                null,
                null,
                false,
            );
        }
        $price = $shown->currency->is($price->currency) ? $shown : $this->back?->convert($shown) ?? $price;
        [$keep, $receipts] = $this->terms->keep($price->minor, $one['landed']->total->minor);

        return new VariantPrice(
            $variant->id,
            $one['landed'],
            $price,
            $shown,
            $recipePrice,
            $by,
            $one['id'],
            $keep,
            $receipts === 0 ? null : Rounding::halfUp($keep, 10_000, $receipts),
            $one['recipe']->floor?->least($receipts),
            $one['decision']?->floorOverCap() ?? false,
        );
    }

    /** A price as the market shows it: in its currency, with its ending where it comes from elsewhere. */
    private function shown(VariantFacts $variant, Money $price): Money
    {
        if ($variant->shownBy === null && $variant->from->follows === null) {
            return $price;
        }
        $turned = $variant->shownBy?->convert($price) ?? $price;

        return $this->ending?->of($turned) ?? $turned;
    }
}
