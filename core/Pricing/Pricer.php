<?php

declare(strict_types=1);

namespace WindowStall\Core\Pricing;

use WindowStall\Core\Landing\Landed;
use WindowStall\Core\Money\ExchangeRate;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Money\Rates;
use WindowStall\Core\Money\Rounding;

/** Prices the variants of a listing for one market: each by its recipe, brought together as the seller wants, a price by hand above all. */
final readonly class Pricer
{
    /**
     * @param  Rates  $today  the exchange rates of the day, into the stall's currency
     * @param  Ending|null  $ending  what prices turned into the market's currency, or taken over from home, end in
     * @param  SaleTerms|null  $carried  terms with the charge for delivery that prices carry instead
     * @param  ExchangeRate|null  $back  the market's currency into the stall's, today; null where they are the same
     */
    public function __construct(public SaleTerms $terms, public RecipeBook $book, public Rates $today, public ?Ending $ending = null, public ?ExchangeRate $back = null, public ?SaleTerms $carried = null)
    {
    }

    /**
     * @param  list<VariantFacts>  $variants  of one listing
     * @return list<VariantPrice> in the same order
     *
     * @throws EndingOutOfRange
     */
    public function listing(array $variants, PriceSpread $spread): array
    {
        $decided = [];
        $prices = [];
        foreach ($variants as $variant) {
            $decided[$variant->id] = $one = $this->decide($variant);
            $prices[$variant->id] = $one['price']?->minor;
        }
        $together = $spread->across === Across::Each ? $prices : $spread->over($prices, array_combine(array_keys($prices), array_map(static fn (VariantFacts $v): string => $v->step, $variants)));

        return array_map(fn (VariantFacts $v): VariantPrice => $this->priced($v, $decided[$v->id], $together[$v->id]), $variants);
    }

    /** What one piece costs at the rates of the day, and what the variant's recipe makes of it. */
    public function decision(VariantFacts $variant): ?Decision
    {
        return $this->decide($variant)['decision'];
    }

    /** @return array{landed: Landed|null, recipe: Recipe, id: int, decision: Decision|null, price: Money|null} */
    private function decide(VariantFacts $variant): array
    {
        $ruled = $variant->own === null ? $this->book->for($variant->goods) : null;
        $recipe = $variant->own ?? ($ruled->recipe ?? throw new \LogicException('A book always has a recipe.'));
        $landed = $variant->cost?->landed(1, $this->today);
        $held = $landed === null || $variant->held === $this->today ? $landed : $variant->cost?->landed(1, $variant->held);
        $decision = $held === null ? null : $recipe->decide($held, $this->terms, $variant->rrp, $this->carried);
        $price = $variant->follows === null || $landed === null ? $decision?->price : $variant->follows;

        return ['landed' => $landed, 'recipe' => $recipe, 'id' => $ruled->id ?? 0, 'decision' => $decision, 'price' => $price];
    }

    /** @param  array{landed: Landed|null, recipe: Recipe, id: int, decision: Decision|null, price: Money|null}  $one */
    private function priced(VariantFacts $variant, array $one, ?int $together): VariantPrice
    {
        $recipePrice = $together === null ? null : $this->terms->charged->with($together);
        $price = $variant->hand ?? $recipePrice;
        $by = match (true) {
            $variant->hand !== null => PricedBy::Hand,
            $one['price'] !== null && $one['price']->minor !== $together => PricedBy::Together,
            $variant->follows !== null => PricedBy::Conversion,
            default => $variant->own !== null ? PricedBy::OwnRecipe : PricedBy::Recipe,
        };
        $shown = $price === null ? null : $this->shown($variant, $price);
        if ($price === null || $shown === null || $one['landed'] === null) {
            return new VariantPrice($variant->id, $one['landed'], $price, $shown, $recipePrice, $by, $one['id'], null, null, null, false);
        }
        $price = $shown->currency->is($price->currency) ? $shown : ($this->back?->convert($shown) ?? $price);
        [$keep, $receipts] = $this->terms->keep($price->minor, $one['landed']->total->minor);

        return new VariantPrice(
            $variant->id, $one['landed'], $price, $shown, $recipePrice, $by, $one['id'], $keep, $receipts === 0 ? null : Rounding::halfUp($keep, 10_000, $receipts),
            $one['recipe']->floor?->least($receipts), $one['decision']?->floorOverCap() ?? false,
        );
    }

    /** A price as the market shows it: in its currency, with its ending where it comes from elsewhere. */
    private function shown(VariantFacts $variant, Money $price): Money
    {
        $turned = $variant->shownBy?->convert($price) ?? $price;

        return $this->ending !== null && ($variant->shownBy !== null || $variant->follows !== null) ? $this->ending->of($turned) : $turned;
    }
}
