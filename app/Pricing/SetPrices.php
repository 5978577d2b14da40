<?php

declare(strict_types=1);

namespace WindowStall\Pricing;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Prices\PriceHistory;
use WindowStall\Bench\ProjectListings;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Recipe\BulkStep;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/** Sets prices by hand, one or many at once; each time is one step that can be taken back. */
final readonly class SetPrices
{
    public const MOST = 5_000;

    public function __construct(private Undo $undo, private ProjectListings $project)
    {
    }

    /**
     * One price for each of these, or none, and then their recipes price them again.
     *
     * @param  list<int>  $variants
     */
    public function to(Stall $stall, ?User $by, array $variants, ?Money $price): BenchChange
    {
        if ($price !== null && $price->isNegative()) {
            throw new Refusal('A price can’t be below nothing.');
        }

        return $this->change(
            $stall,
            $by,
            $variants,
            static fn (): array => ['own_price_minor' => $price?->minor],
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
            static function (ListingVariant $v) use ($stall, $step, $terms): array {
                $priced = $v->priceIn($stall->home_market);
                $landed = $priced?->landed($stall->currencyValue());
                $now = $stall->moneyOrNull($priced?->price_minor);
                $price = $now === null || $landed === null ? null : $step->price($now, $landed, $terms);

                return $price === null ? [] : ['own_price_minor' => $price->minor];
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
            static function (ListingVariant $v) use ($stall, $was, $why): array {
                $price = $stall->moneyOrNull($v->priceIn($stall->home_market)?->price_minor);
                $said = $was === null ? null : PriceHistory::refusesWas($stall, $v->id, $was, $price);
                if ($said !== null) {
                    $why[] = $said;

                    return [];
                }

                return ['own_was_minor' => $was?->minor];
            },
            static fn (int $n): string => sprintf(
                'was-price of %s %s',
                $n === 1 ? 'one variant' : $n.' variants',
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
        $written =
            $recipe === null
                ? null
                : json_encode(RecipeFormView::written($recipe, $stall->currencyValue()), JSON_THROW_ON_ERROR);

        return $this->change(
            $stall,
            $by,
            $variants,
            static fn (): array => ['own_recipe' => $written],
            static fn (int $n): string => sprintf(
                '%s priced by %s',
                $n === 1 ? 'one variant' : $n.' variants',
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
            static fn (): array => ['own_under_floor' => $yes],
            static fn (int $n): string => sprintf(
                '%s %s',
                $n === 1 ? 'one variant' : $n.' variants',
                $yes ? 'may be sold under the floor' : 'held to the floor again',
            ),
        );
    }

    /**
     * @param  list<int>  $ids
     * @param  callable(ListingVariant): array<string, int|string|bool|null>  $columns  what to write; nothing to leave
     *     it alone
     * @param  callable(int): string  $words
     * @param  (callable(): string)|null  $orRefuse  why, when none can be changed
     */
    private function change(
        Stall $stall,
        ?User $by,
        array $ids,
        callable $columns,
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
        $own = fn (): Builder => ListingVariant::query()
            ->with('prices')
            ->whereKey($ids)
            ->whereHas('listing', fn ($q) => $q->where('stall_id', $stall->id));
        $listings = $own()->pluck('listing_id', 'id');
        if ($listings->count() !== count(array_unique($ids))) {
            throw new Refusal('One of these variants is gone. Load the page again.');
        }
        $listings = array_values(array_unique(array_map(intval(...), $listings->all())));
        // Worked out from how the variants stand once nobody else can write them.
        [, $change] = $this->undo->around(
            $stall,
            $by,
            $listings,
            function () use ($own, $columns, $orRefuse, $stall, $listings): int {
                $n = $this->write($own()->get(), $columns);
                if ($n === 0) {
                    throw new Refusal($orRefuse === null ? 'None of these can be priced so.' : $orRefuse());
                }
                ($this->project)($stall, $listings);

                return $n;
            },
            static fn (int $n): string => ucfirst($words($n)),
            apart: true,
        );
        if (Listing::query()->whereKey($listings)->where('state', 'in_window')->exists()) {
            $stall->bumpShop();
        }

        return $change;
    }

    /**
     * @param  Collection<int, ListingVariant>  $rows
     * @param  callable(ListingVariant): array<string, mixed>  $columns
     * @return int how many are written
     */
    private function write(Collection $rows, callable $columns): int
    {
        $writes = [];
        foreach ($rows as $row) {
            $write = $columns($row);
            if ($write !== []) {
                $writes[(string) json_encode($write)][] = $row->id;
            }
        }
        foreach ($writes as $json => $some) {
            DB::table('listing_variants')->whereIn('id', $some)->update((array) json_decode($json, true));
        }

        return array_sum(array_map(count(...), $writes));
    }

    private static function prices(int $n): string
    {
        return $n === 1 ? 'one price' : number_format($n).' prices';
    }
}
