<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use WindowStall\Bench\ListingVariant;
use WindowStall\Pricing\CostForm;
use WindowStall\Pricing\PricingChange;
use WindowStall\Pricing\TryPricing;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\Recipes;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\Views\Percent;

/** A trial: the stall's costs and recipes as it would have them, beside how they are, and what came of it. */
final readonly class TrialView
{
    /**
     * @param  array<string, string>  $fields  of the cost sheet, as the trial has them
     * @param  array<string, string>  $fieldsNow  as they are
     * @param  array<string, string>  $rates  currency → rate, those that suppliers speak
     * @param  array<string, string>  $ratesNow
     * @param  list<TrialRecipeView>  $recipes
     * @param  list<TrialSupplierView>  $suppliers  how much dearer each would be
     * @param  TrialFiguresView|null  $figures  null while they are being worked out, or before anything was tried
     * @param  int  $tried  variants tried so far, while figures are being worked out
     * @param  int  $variants  how many there are to try
     */
    public function __construct(
        public ?int $id,
        public array $fields,
        public array $fieldsNow,
        public array $rates,
        public array $ratesNow,
        public array $recipes,
        public array $suppliers,
        public ?TrialFiguresView $figures,
        public string $currency,
        public bool $canApply,
        public int $tried = 0,
        public int $variants = 0,
    ) {
    }

    public static function of(Stall $stall, ?PricingChange $trial): self
    {
        $stall->loadMissing(['rates', 'recipes', 'marketRows']);
        $changes = $trial->changes ?? [];
        $now = [];
        $tried = [];
        foreach (CostForm::FIELDS as $field => $column) {
            $text = static fn (int $value): string => str_ends_with($column, '_bp')
                ? Percent::digits($value)
                : $stall->money($value)->digits();
            $now[$field] = $text((int) $stall->getAttribute($column));
            $tried[$field] = isset($changes['stall'][$column]) ? $text((int) $changes['stall'][$column]) : $now[$field];
        }
        unset($now['rate_tolerance'], $tried['rate_tolerance']);
        $rates = [];
        foreach (CostSheetView::rates($stall) as $rate) {
            if ($rate->used) {
                $rates[$rate->from] = $rate->rate;
            }
        }
        $written = [];
        foreach ($changes['recipes'] ?? [] as $recipe) {
            $written[$recipe['id']] = $recipe['recipe'];
        }

        $waiting = $trial !== null && $trial->figures === null;

        return new self(
            id: $trial?->id,
            fields: $tried,
            fieldsNow: $now,
            rates: array_replace($rates, array_intersect_key($changes['rates'] ?? [], $rates)),
            ratesNow: $rates,
            recipes: array_values(
                $stall->recipes
                    ->map(
                        static fn (PriceRecipe $r): TrialRecipeView => new TrialRecipeView(
                            id: $r->id,
                            name: $r->name,
                            recipe: RecipeFormView::of(
                                Recipes::stored(
                                    (string) json_encode($written[$r->id] ?? $r->recipe),
                                    $stall->currencyValue(),
                                ),
                                $stall->currencyValue(),
                            ),
                            changed: isset($written[$r->id]) && $written[$r->id] != $r->recipe,
                        ),
                    )
                    ->all(),
            ),
            suppliers: array_values(
                SupplierConnection::of($stall)
                    ->whereNull('disconnected_at')
                    ->orderBy('name')
                    ->get()
                    ->map(
                        static fn (SupplierConnection $c): TrialSupplierView => new TrialSupplierView(
                            id: $c->id,
                            name: $c->name,
                            dearer: Percent::digits(max(0, (int) ($changes['costs'][$c->id] ?? 0))),
                        ),
                    )
                    ->all(),
            ),
            figures: $trial?->figures === null ? null : TrialFiguresView::stored($trial->figures),
            currency: $stall->currency,
            canApply: isset($changes['stall']) || isset($changes['rates']) || isset($changes['recipes']),
            tried: $waiting ? TryPricing::tried($trial) : 0,
            variants: $waiting
                ? ListingVariant::query()
                    ->where('own_on', true)
                    ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id))
                    ->count()
                : 0,
        );
    }
}
