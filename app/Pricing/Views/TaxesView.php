<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Tax\DeliveryTax;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Core\Tax\TaxRounding;
use WindowStall\Pricing\PricingChange;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\StallTaxClass;
use WindowStall\Support\Views\ChoiceView;

/** How everything is taxed, and the step that was just done. */
final readonly class TaxesView
{
    /** What goods are, as choices; more than these are typed. */
    private const TYPES = <<<'SQL'
        SELECT DISTINCT own_type
        FROM listings
        WHERE stall_id = ?
          AND deleted_at IS NULL
          AND own_type <> ''
        ORDER BY own_type
        LIMIT 200
        SQL;

    /**
     * @param  list<TaxMarketView>  $markets  the home market first
     * @param  list<TaxClassView>  $classes
     * @param  list<string>  $types  what goods are
     * @param  list<ChoiceView>  $classChoices
     * @param  list<ChoiceView>  $deliveryChoices
     * @param  list<ChoiceView>  $roundingChoices
     */
    public function __construct(
        public array $markets,
        public array $classes,
        public array $types,
        public array $classChoices,
        public array $deliveryChoices,
        public array $roundingChoices,
        public ?int $change,
        public string $words,
    ) {
    }

    public static function of(Stall $stall, ?PricingChange $change = null): self
    {
        $stall->unsetRelation('taxRates')->unsetRelation('taxClasses')->unsetRelation('marketRows');
        $sheet = CostSheet::of($stall);

        return new self(
            markets: array_map(
                static fn (string $country): TaxMarketView => TaxMarketView::of($stall, $sheet, $country),
                $stall->soldTo(),
            ),
            classes: array_values(
                $stall->taxClasses->map(static fn (StallTaxClass $c): TaxClassView => TaxClassView::of($stall, $c))->all(),
            ),
            types: array_map(strval(...), array_column(DB::select(self::TYPES, [$stall->id]), 'own_type')),
            classChoices: ChoiceView::ofEnum(TaxClass::class),
            deliveryChoices: ChoiceView::ofEnum(DeliveryTax::class),
            roundingChoices: ChoiceView::ofEnum(TaxRounding::class),
            change: $change?->id,
            words: $change->words ?? '',
        );
    }
}
