<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\BulkStep;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\RecipeForm;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Sets prices by hand, one or many at once; each time is one step that can be taken back. */
final readonly class SetPrices
{
    public const MOST = 5_000;

    /** Variants that are priced while the person waits. */
    public const AT_ONCE = 1_000;

    public function __construct(private PatchListings $patch)
    {
    }

    /**
     * One price for each of these, or none, and then their recipes price them again.
     *
     * @param  list<int>  $variants
     */
    public function to(Stall $stall, ?User $by, array $variants, ?Money $price): BenchChange
    {
        return $this->change(
            $stall,
            $by,
            $variants,
            static fn (ListingVariant $v): ListingPatch => ListingPatch::none()->price([$v->id], $price),
            static fn (int $n): string => $price === null
                ? sprintf('%s given back to the recipe', self::prices($n))
                : sprintf('%s set to %s', self::prices($n), $price->digits()),
        );
    }

    /**
     * The same step from what each costs now.
     *
     * @param  list<int>  $variants
     */
    public function by(Stall $stall, ?User $by, array $variants, BulkStep $step): BenchChange
    {
        $terms = $stall->terms();

        return $this->change(
            $stall,
            $by,
            $variants,
            static function (ListingVariant $v) use ($stall, $step, $terms): ?ListingPatch {
                $priced = $v->priceIn($stall->home_market);
                $landed = $priced?->landed($stall->currencyValue());
                $now = $stall->moneyOrNull($priced?->price_minor);
                $price = $now === null || $landed === null ? null : $step->price($now, $landed, $terms);

                return $price === null ? null : ListingPatch::none()->price([$v->id], $price);
            },
            static fn (int $n): string => sprintf('%s changed by hand', self::prices($n)),
        );
    }

    /**
     * A price that stood before, shown struck through beside the price now; null takes it away.
     *
     * @param  list<int>  $variants
     *
     * @throws Refusal where it can't stand
     */
    public function was(Stall $stall, ?User $by, array $variants, ?Money $was): BenchChange
    {
        /** @var \ArrayObject<int, string> $why */
        $why = new \ArrayObject();

        return $this->change(
            $stall,
            $by,
            $variants,
            static function (ListingVariant $v) use ($stall, $was, $why): ?ListingPatch {
                $price = $stall->moneyOrNull($v->priceIn($stall->home_market)?->price_minor);
                $said = $was === null ? null : PriceHistory::refusesWas($stall, $v->id, $was, $price);
                if ($said !== null) {
                    $why[] = $said;

                    return null;
                }

                return ListingPatch::none()->was([$v->id], $was);
            },
            static fn (int $n): string => sprintf(
                'was-price of %s %s',
                Plural::spoken($n, 'variant'),
                $was === null ? 'taken away' : 'set to '.$was->digits(),
            ),
            orRefuse: static fn (): string => $why[0] ?? 'None of these is yours.',
        );
    }

    /**
     * A recipe of their own, before their listing's and the stall's; null takes those again.
     *
     * @param  list<int>  $variants
     * @param  array<mixed>|null  $recipe  as the form has it
     */
    public function own(Stall $stall, ?User $by, array $variants, ?array $recipe): BenchChange
    {
        $written = $recipe === null ? null : RecipeForm::written($recipe, $stall->currencyValue());

        return $this->change(
            $stall,
            $by,
            $variants,
            static fn (ListingVariant $v): ListingPatch => ListingPatch::none()->variantRecipe([$v->id], $written),
            static fn (int $n): string => sprintf(
                '%s priced by %s',
                Plural::spoken($n, 'variant'),
                $written === null ? 'the stall’s recipe again' : 'a recipe of its own',
            ),
        );
    }

    /** @param  list<int>  $variants  sold under their floor from now on, or no longer */
    public function knowingly(Stall $stall, ?User $by, array $variants, bool $yes): BenchChange
    {
        return $this->change(
            $stall,
            $by,
            $variants,
            static fn (ListingVariant $v): ListingPatch => ListingPatch::none()->underFloor([$v->id], $yes),
            static fn (int $n): string => sprintf(
                '%s %s',
                Plural::spoken($n, 'variant'),
                $yes ? 'may be sold under the floor' : 'held to the floor again',
            ),
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(ListingVariant): ?ListingPatch  $say  of one variant; null leaves it alone
     * @param  callable(int): string  $words  what was done to so many
     * @param  (callable(): string)|null  $orRefuse  why, when none can be changed
     */
    private function change(
        Stall $stall,
        ?User $by,
        array $ids,
        callable $say,
        callable $words,
        ?callable $orRefuse = null,
    ): BenchChange {
        if (count($ids) > self::MOST) {
            throw new Refusal(
                sprintf(
                    '%s variants are chosen; %s can be priced by hand at once. Change a recipe for so many.',
                    number_format(count($ids)),
                    number_format(self::MOST),
                ),
            );
        }
        $own = ListingVariant::query()->whereIntegerInRaw('id', $ids)->where('stall_id', $stall->id);
        $listings = (clone $own)->pluck('listing_id', 'id');
        if ($listings->count() !== count(array_unique($ids))) {
            throw new Refusal('One of these variants is gone. Load the page again.');
        }
        $patched = $this->patch->many(
            $stall,
            $by,
            array_values(array_unique(array_map(intval(...), $listings->all()))),
            static fn (): array => self::each($own->with('prices')->get(), $say),
            static fn (array $patches): string => ucfirst(
                $words(array_sum(array_map(static fn (ListingPatch $p): int => count($p->variants), $patches))),
            ),
        );

        return $patched->step ??
            throw new Refusal($orRefuse === null ? 'None of these can be priced so.' : $orRefuse());
    }

    /**
     * @param  Collection<int, ListingVariant>  $variants
     * @param  callable(ListingVariant): ?ListingPatch  $say
     * @return array<int, ListingPatch> by listing
     */
    private static function each(Collection $variants, callable $say): array
    {
        $patches = [];
        foreach ($variants->groupBy('listing_id') as $listing => $some) {
            $said = $some->map($say)->filter()->all();
            $patches[(int) $listing] = ListingPatch::none()->and(...array_values($said));
        }

        return $patches;
    }

    private static function prices(int $n): string
    {
        return Plural::spoken($n, 'price');
    }
}
