<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Pricing\Listing\TrialTally;
use WindowStall\Core\Pricing\Recipe\Border;
use WindowStall\Core\Pricing\Recipe\Conditions;
use WindowStall\Pricing\Borders;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\ConditionNotation;
use WindowStall\Stall\Terms\PriceRecipe;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\Views\Percent;

/** A recipe with what it prices: how many variants, and how their margins lie. */
final readonly class RecipeRowView
{
    /** The cost in the middle of those of each recipe's last step. */
    private const MIDDLE = <<<'SQL'
        WITH costs AS (
            SELECT step.id, step.above,
                   CASE step.basis WHEN 'goods' THEN price.goods_minor ELSE price.landed_minor END AS cost
            FROM jsonb_to_recordset(?::jsonb) AS step (id bigint, basis text, above bigint)
            JOIN prices AS price ON price.recipe_id = step.id
            WHERE price.stall_id = ?
              AND price.market = ?
              AND price.offered
        )
        SELECT id, percentile_disc(0.5) WITHIN GROUP (ORDER BY cost) AS middle
        FROM costs
        WHERE cost > above
        GROUP BY id
        SQL;

    /**
     * @param  array<string, mixed>  $conditions  as they are written
     * @param  string  $when  the conditions in words; "" for none, or for a new recipe that counts for nothing yet
     * @param  list<int>  $spread  variants by margin band, from losses up
     * @param  list<string>  $borders  how far prices lie apart where it begins and ends by cost
     * @param  int|null  $floorBand  the first band that keeps the floor, where that is a margin
     */
    public function __construct(
        public int $id,
        public string $name,
        public bool $last,
        public RecipeFormView $recipe,
        public array $conditions,
        public string $when,
        public int $variants,
        public int $under,
        public array $spread,
        public ?int $floorBand,
        public string $middle,
        public array $borders,
    ) {
    }

    /** @return list<self> in the order of precedence */
    public static function list(Stall $stall): array
    {
        $bands = 'width_bucket(p.margin_bp, ARRAY['.implode(',', TrialTally::BANDS).'])';
        $rows = DB::table('prices as p')
            ->where('p.stall_id', $stall->id)
            ->where('p.market', $stall->home_market)
            ->where('p.offered', true)
            ->whereNotNull('p.recipe_id')
            ->where('p.priced_by', '!=', 'hand')
            ->groupByRaw('1, 2')
            ->selectRaw(
                "p.recipe_id AS recipe, $bands AS band, count(*) AS n, count(*) FILTER (WHERE p.above_floor_minor < 0) AS under",
            )
            ->get()
            ->groupBy('recipe');
        $middles = DB::table('prices')
            ->where('stall_id', $stall->id)
            ->where('market', $stall->home_market)
            ->where('offered', true)
            ->where('priced_by', '!=', 'hand')
            ->whereNotNull('margin_bp')
            ->groupBy('recipe_id')
            ->selectRaw('recipe_id, (percentile_cont(0.5) WITHIN GROUP (ORDER BY margin_bp))::int AS middle')
            ->pluck('middle', 'recipe_id');
        $costs = self::middleCosts($stall);
        $borders = Borders::of($stall);
        $suppliers = SupplierConnection::of($stall)->pluck('name', 'id')->all();

        return array_values(
            $stall->recipes
                ->map(function (PriceRecipe $r) use ($stall, $rows, $middles, $costs, $suppliers, $borders): self {
                    $ruled = $r->ruled($stall->currencyValue());
                    $spread = array_fill(0, count(TrialTally::BANDS) + 1, 0);
                    foreach ($rows->get($r->id, collect()) as $row) {
                        if ($row->band !== null) {
                            $spread[(int) $row->band] = (int) $row->n;
                        }
                    }
                    $floor = $ruled->recipe->floor?->margin;
                    $unsaid = $r->conditions == ConditionNotation::nothing($stall->currencyValue());
                    $middle = $middles->get($r->id);

                    return new self(
                        id: $r->id,
                        name: $r->name,
                        last: $ruled->when->none(),
                        recipe: RecipeFormView::of($ruled->recipe, $stall->currencyValue(), $costs[$r->id] ?? null),
                        conditions: $unsaid ? [] : $r->conditions,
                        when: $unsaid ? '' : self::when($ruled->when, $suppliers, $stall),
                        variants: (int) $rows->get($r->id, collect())->sum('n'),
                        under: (int) $rows->get($r->id, collect())->sum('under'),
                        spread: array_values($spread),
                        floorBand: $floor === null ? null : TrialTally::band(intdiv($floor->millionths, 100)),
                        middle: $middle === null ? '' : Percent::whole((int) $middle),
                        borders: array_map(self::border(...), $borders[$r->id] ?? []),
                    );
                })
                ->all(),
        );
    }

    private static function border(Border $border): string
    {
        $jump = $border->jump();
        $apart = $border->above->with(abs($jump))->digits();

        return sprintf(
            'At a cost of %s “%s” asks %s, and past it “%s” %s%s.',
            $border->at->digits(),
            $border->lower->name,
            $border->below->digits(),
            $border->upper->name,
            $jump === 0 ? 'the same' : $border->above->digits(),
            $jump === 0 ? '' : ': '.$apart.($jump > 0 ? ' more' : ' less'),
        );
    }

    /** @return array<int, int> recipe → the middle cost, by its own basis, of what its last step prices; minor units */
    private static function middleCosts(Stall $stall): array
    {
        $last = [];
        foreach ($stall->recipes as $r) {
            $recipe = $r->ruled($stall->currencyValue())->recipe;
            $last[] = [
                'id' => $r->id,
                'basis' => $recipe->basis->value,
                'above' => count($recipe->steps) > 1 ? $recipe->steps[count($recipe->steps) - 2]->upTo->minor ?? 0 : 0,
            ];
        }

        return array_column(
            DB::select(self::MIDDLE, [json_encode($last, JSON_THROW_ON_ERROR), $stall->id, $stall->home_market]),
            'middle',
            'id',
        );
    }

    /** @param  array<int, string>  $suppliers */
    private static function when(Conditions $c, array $suppliers, Stall $stall): string
    {
        $amount = static fn (int $minor): string => $stall->money($minor)->digits();
        $span = static fn (?int $from, ?int $to, callable $say): ?string => match (true) {
            $from !== null && $to !== null => $say($from).' to '.$say($to),
            $from !== null => 'from '.$say($from),
            $to !== null => 'up to '.$say($to),
            default => null,
        };
        $kilos = static fn (int $grams): string => $grams >= 1000
            ? rtrim(rtrim(sprintf('%d.%03d', intdiv($grams, 1000), $grams % 1000), '0'), '.').' kg'
            : $grams.' g';
        $parts = [
            $c->suppliers === []
                ? null
                : 'from '.
                    implode(
                        ' or ',
                        array_map(
                            static fn (int $id): string => $suppliers[$id] ?? 'a supplier that is gone',
                            $c->suppliers,
                        ),
                    ),
            $c->types === [] ? null : 'of type '.implode(' or ', $c->types),
            $c->tags === [] ? null : 'tagged '.implode(' or ', $c->tags),
            ($s = $span($c->costFrom, $c->costTo, $amount)) === null ? null : 'costing '.$s,
            ($s = $span($c->gramsFrom, $c->gramsTo, $kilos)) === null ? null : 'weighing '.$s,
            $c->markets === [] ? null : 'sold to '.implode(' or ', array_map(Stall::countrySaid(...), $c->markets)),
            $c->methods === [] ? null : 'printed by '.implode(' or ', $c->methods),
        ];

        return implode(', ', array_filter($parts));
    }
}
