<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Brick\Math\BigDecimal;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\Prices\Ladders;
use WindowStall\Bench\VariantFigures;
use WindowStall\Bench\Views\SaleView;
use WindowStall\Core\Landing\Cost;
use WindowStall\Core\Money\Currency;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Pricing\Listing\FrozenRate;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Pricing\Offers\Ladder;
use WindowStall\Core\Pricing\Recipe\Recipe;
use WindowStall\Core\Pricing\Sale\KeepCurve;
use WindowStall\Core\Pricing\Sale\Till;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Words\Plural;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Views\RecipeFormView;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/**
 * One variant from the side of its price: where each unit goes by quantity, what is kept at any price, and why it costs
 * what it does.
 */
final readonly class VariantSheetView
{
    public const MOST_PIECES = 5;

    /**
     * @param  list<SaleView>  $sales  for one to five pieces
     * @param  list<CurvePointView>  $points
     * @param  list<CurveMarkView>  $marks  break-even, floor, RRP and the price now
     * @param  list<string>  $reasons  how the recipe came to its price
     * @param  list<string>  $story  the curve in words
     */
    public function __construct(
        public int $id,
        public int $listing,
        public string $title,
        public string $label,
        public ?MoneyView $price,
        public ?MoneyView $recipePrice,
        public bool $byHand,
        public ?MoneyView $was,
        public bool $underFloor,
        public bool $knowingly,
        public array $sales,
        public array $points,
        public array $marks,
        public string $recipeName,
        public RecipeFormView $recipe,
        public bool $ownRecipe,
        public array $reasons,
        public array $story,
        public ?string $breakEvenAdvertising,
        public ?string $trouble,
    ) {
    }

    /** @param  ListingFigures  $f  its listing */
    public static function of(Stall $stall, ListingFigures $f, ListingVariant $row): self
    {
        $figures = null;
        foreach ($f->variants as $v) {
            $figures = $v->row->id === $row->id ? $v : $figures;
        }
        $figures ?? throw new \LogicException('A variant is among its listing’s.');
        $recipe = $f->recipeOf($figures);
        $currency = $stall->currencyValue();
        $sheet = CostSheet::of($stall);
        $terms = $f->terms;
        $supplier = $figures->row->selling();
        $cost = self::cost($stall, $sheet, $supplier, (string) $supplier->item?->currency);
        $landed = $cost?->landed(1, $sheet->rates());
        $name = (string) $stall->recipes->firstWhere('id', $figures->priced?->recipe_id)?->name;
        $base = [
            $row->id,
            (int) $row->listing_id,
            $f->title->shown(),
            $figures->label,
            MoneyView::ofNullable($figures->price),
            MoneyView::ofNullable($figures->recipePrice),
            $figures->handPriced(),
            MoneyView::ofNullable($stall->moneyOrNull($row->own_was_minor)),
            $figures->underFloor(),
            $row->own_under_floor,
        ];
        if ($cost === null || $landed === null || $figures->price === null) {
            return new self(
                ...[
                    ...$base,
                    [],
                    [],
                    [],
                    $name,
                    RecipeFormView::of($recipe, $currency),
                    $row->own_recipe !== null,
                    [],
                    [],
                    null,
                    sprintf('This isn’t delivered to %s.', $stall->marketName()),
                ],
            );
        }
        $rrp =
            $supplier->rrp_minor === null
                ? null
                : $sheet
                    ->shownLike((string) $supplier->item?->currency)
                    ->convert(new Money($supplier->rrp_minor, Currency::of((string) $supplier->item?->currency)));
        $curve = KeepCurve::of($landed, $terms, $recipe->floor, array_values(array_filter([$figures->price, $rrp])));
        $till = Till::ring($figures->price, $landed, $terms);
        $marks = array_values(
            array_filter([
                self::mark('break_even', 'break-even', $curve->breakEven),
                self::mark('floor', 'the floor', $curve->floor),
                self::mark('rrp', 'RRP', $rrp),
                self::mark('price', 'the price now', $figures->price),
            ]),
        );

        return new self(
            ...[
                ...$base,
                self::sales($f, $figures->label, $cost, $sheet, Ladders::of($f->listing, $stall), $figures->price),
                array_map(
                    static fn (array $p): CurvePointView => new CurvePointView(
                        price: $p['price']->minor,
                        keep: $p['keep']->minor,
                        priceText: MoneyView::text($p['price']),
                        digits: $p['price']->digits(),
                        keepText: MoneyView::text($p['keep']),
                        margin: Percent::whole($p['marginBp']),
                    ),
                    $curve->points,
                ),
                $marks,
                $name,
                RecipeFormView::of($recipe, $currency),
                $row->own_recipe !== null,
                self::reasons($stall, $figures, $recipe, $sheet, $cost, $rrp, $f->taxClass),
                self::story($till, $curve, $rrp),
                $till->breakEvenAdvertising()->minor > 0
                    ? sprintf(
                        'Up to %s may be spent on advertising for an order before it loses money: then each %s spent '.
                            'brings %s in sales before tax.',
                        MoneyView::text($till->breakEvenAdvertising()),
                        MoneyView::text($stall->money($currency->minorPerUnit())),
                        MoneyView::text(
                            $stall->money(
                                intdiv($currency->minorPerUnit() * (int) $till->returnOnAdvertisingNeeded(), 100),
                            ),
                        ),
                    )
                    : null,
                null,
            ],
        );
    }

    /**
     * @return list<string> what the recipe did, at the exchange rate that the price stands on, and what came after it
     */
    private static function reasons(
        Stall $stall,
        VariantFigures $figures,
        Recipe $recipe,
        CostSheet $sheet,
        Cost $cost,
        ?Money $rrp,
        TaxClass $class,
    ): array {
        $code = $cost->unit->currency->code;
        $today = $sheet->rateOf($code);
        $stands = $figures->priced->rate ?? $today;
        $decision = $recipe->decide(
            $cost->landed(1, $sheet->held($code, $stands)),
            $sheet->terms($stall->home_market, $class),
            $rrp,
            $sheet->carried($stall->home_market, $class),
        );
        $plain = static fn (string $rate): string => str_contains($rate, '.') ? rtrim(rtrim($rate, '0'), '.') : $rate;

        return array_values(
            array_filter([
                ...$decision->reasons(),
                $figures->priced?->priced_by === PricedBy::Together && $figures->recipePrice !== null
                    ? sprintf(
                        'Its listing’s variants go together: the dearest of them makes it %s.',
                        $figures->recipePrice->digits(),
                    )
                    : null,
                BigDecimal::of($stands)->isEqualTo($today) ||
                FrozenRate::hold($stands, $today, $sheet->tolerance()) !== $stands
                    ? null
                    : sprintf(
                        'It stands on the rate it was made at, %s for one %s; today’s %s is within the %s%% that '.
                            'prices stay for.',
                        $plain($stands),
                        $code,
                        $plain($today),
                        Percent::digits($sheet->tolerance()),
                    ),
            ]),
        );
    }

    private static function cost(Stall $stall, CostSheet $sheet, SupplierVariant $supplier, string $code): ?Cost
    {
        if ($supplier->first_minor === null || $code === '') {
            return null;
        }
        $money = static fn (int $minor): Money => Money::of($minor, $code);

        return new Cost(
            $money($supplier->cost_minor),
            $money($supplier->first_minor),
            $money($supplier->further_minor ?? $supplier->first_minor),
            $sheet->duty($stall->home_market),
            $sheet->parcelOf((int) $supplier->item?->connection_id),
        );
    }

    /** @return list<SaleView> */
    private static function sales(
        ListingFigures $f,
        string $label,
        Cost $cost,
        CostSheet $sheet,
        ?Ladder $ladder,
        Money $price,
    ): array {
        $terms = $f->terms;

        return array_map(static function (int $pieces) use (
            $f,
            $label,
            $cost,
            $sheet,
            $ladder,
            $price,
            $terms,
        ): SaleView {
            $about =
                ($label === '' ? '' : $label.', ').
                Plural::spoken($pieces, 'piece').
                ', to '.
                $f->stall->marketName();

            return SaleView::of(
                ucfirst($about),
                Till::ring(
                    $ladder?->price($price, $pieces) ?? $price->times($pieces),
                    $cost->landed($pieces, $sheet->rates()),
                    $terms,
                ),
            );
        }, range(1, self::MOST_PIECES));
    }

    private static function mark(string $kind, string $name, ?Money $at): ?CurveMarkView
    {
        return $at === null
            ? null
            : new CurveMarkView(kind: $kind, name: $name, price: $at->minor, text: MoneyView::text($at));
    }

    /** @return list<string> */
    private static function story(Till $till, KeepCurve $curve, ?Money $rrp): array
    {
        return array_values(
            array_filter([
                sprintf(
                    'At %s you keep %s, %s of what you receive.',
                    MoneyView::text($till->price),
                    MoneyView::text($till->keep),
                    Percent::whole($till->marginBp),
                ),
                $curve->breakEven === null
                    ? 'No price covers what it costs.'
                    : sprintf('Nothing is lost from %s.', MoneyView::text($curve->breakEven)),
                $curve->floor === null ? null : sprintf('The floor is kept from %s.', MoneyView::text($curve->floor)),
                $rrp === null ? null : sprintf('The RRP is %s.', MoneyView::text($rrp)),
            ]),
        );
    }
}
