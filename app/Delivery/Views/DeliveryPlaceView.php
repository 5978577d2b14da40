<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use WindowStall\Core\Delivery\Places\Territory;
use WindowStall\Core\Delivery\Quote\DeliveryBalance;
use WindowStall\Core\Delivery\Ways\GoodsRule;
use WindowStall\Core\Delivery\Ways\PlaceNotation;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Core\Words\Plural;
use WindowStall\Delivery\PlaceWords;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\CostSheet;
use WindowStall\Stall\Terms\Places;
use WindowStall\Stall\Terms\ShopMarket;
use WindowStall\Support\Views\MoneyView;

/** Somewhere the stall sends, as a sentence whose parts are changed where they stand. */
final readonly class DeliveryPlaceView
{
    /** More countries than these are counted, not named. */
    private const NAMED = 4;

    /**
     * @param  string  $said  as it stands in the sentence
     * @param  string  $name  the seller's own; "" for the names of what it covers
     * @param  list<CoverView>  $covers
     * @param  list<DeliveryWayView>  $ways  none where nothing is sent
     * @param  list<DeliveryRuleView>  $rules
     * @param  string  $tax  "23% for Ireland, inside the price"; "" where nothing is sent
     * @param  string  $note  where no tax is known, or shoppers don’t pay by their market’s price list; "" for neither
     * @param  string  $past  what past orders there paid and cost; "" where there were none
     * @param  MoneyView|null  $evenFrom  from which basket value on free delivery would have been even
     */
    public function __construct(
        public int $id,
        public bool $home,
        public string $said,
        public string $name,
        public array $covers,
        public array $ways,
        public array $rules,
        public string $tax,
        public string $note,
        public string $past,
        public ?MoneyView $evenFrom,
    ) {
    }

    /** @param  array<int, string>  $suppliers  names by connection */
    public static function of(Stall $stall, PlaceTerms $terms, string $name, array $suppliers, ?DeliveryBalance $past): self
    {
        $written = PlaceNotation::write($terms);

        return new self(
            id: $terms->place->id,
            home: Places::isHome($stall, $terms->place),
            said: $terms->place->name,
            name: $name,
            covers: array_map(static fn (Territory $t): CoverView => new CoverView(
                $t->country,
                Stall::countrySaid($t->country),
                $t->parts,
                PlaceWords::postcodes($t),
            ), $terms->place->territories),
            ways: array_map(DeliveryWayView::of(...), $terms->ways, $written['ways']),
            rules: array_map(static fn (GoodsRule $rule): DeliveryRuleView => new DeliveryRuleView(
                PlaceWords::rule($rule, $suppliers),
                $rule->by->value,
                $rule->value,
                $rule->more?->digits() ?? '',
            ), $terms->rules),
            tax: $terms->ways === [] ? '' : self::tax($stall, $terms),
            note: trim(self::unknownTax($stall, $terms).' '.self::note($stall, $terms)),
            past: $past === null || $past->orders === 0 ? '' : sprintf(
                'On the last %s there you were paid %s for delivery and paid %s.',
                Plural::of($past->orders, 'order'),
                MoneyView::text($stall->money($past->charged)),
                MoneyView::text($stall->money($past->cost)),
            ),
            evenFrom: MoneyView::ofNullable($stall->moneyOrNull($past?->evenFrom)),
        );
    }

    /** Countries abroad for which neither the seller nor the table of standard rates says a tax. */
    private static function unknownTax(Stall $stall, PlaceTerms $terms): string
    {
        $unknown = [];
        foreach ($terms->ways === [] ? [] : $terms->place->territories as $territory) {
            $said = $stall->marketRows->firstWhere('market', $territory->country)?->tax_bp;
            if ($said === null && $territory->country !== $stall->home_market) {
                $unknown[$territory->country] = Stall::countrySaid($territory->country);
            }
        }

        return $unknown === [] ? '' : sprintf(
            'No rate is known for %s: your own country’s is reckoned with until you say another on the cost sheet.',
            implode(', ', $unknown),
        );
    }

    /** At which prices shoppers of countries abroad buy. */
    private static function note(Stall $stall, PlaceTerms $terms): string
    {
        $sheet = CostSheet::of($stall);
        $markets = ShopMarket::abroad($stall);
        $own = $home = [];
        foreach ($terms->ways === [] ? [] : $terms->place->territories as $territory) {
            $country = $territory->country;
            if (in_array($country, $markets, true)) {
                $own[$country] = Stall::countrySaid($country).' ('.$sheet->currency($country)->code.')';
            } elseif ($country !== $stall->home_market) {
                $home[$country] = Stall::countrySaid($country);
            }
        }

        return implode(' ', array_filter([
            $own === [] ? '' : sprintf('In the shop it has price lists of its own for %s.', implode(', ', $own)),
            $home === [] ? '' : sprintf(
                'Shoppers of %s pay your prices at home, in %s.',
                count($home) > self::NAMED ? Plural::of(count($home), 'country', 'countries') : implode(', ', $home),
                $stall->currency,
            ),
        ]));
    }

    private static function tax(Stall $stall, PlaceTerms $terms): string
    {
        $said = [];
        foreach ($terms->place->territories as $territory) {
            $tax = $stall->terms($territory->country)->tax;
            $how = $tax->rate->percent().($tax->included ? ' inside the price' : ' on top of the price');
            $said[$how][] = Stall::countrySaid($territory->country);
        }

        return implode('; ', array_map(
            static fn (string $how, array $countries): string => $how.' for '.implode(', ', array_unique($countries)),
            array_keys($said),
            $said,
        ));
    }
}
