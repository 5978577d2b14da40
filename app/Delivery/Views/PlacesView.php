<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Views;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Delivery\Ways\PlaceTerms;
use WindowStall\Delivery\DeliveredLately;
use WindowStall\Delivery\PastDelivery;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Stall\Terms\Places;
use WindowStall\Support\Views\MoneyView;

/** Where the stall sends, with what past orders there paid and cost, and when its suppliers pack. */
final readonly class PlacesView
{
    /**
     * @param  list<DeliveryPlaceView>  $places
     * @param  list<PackingView>  $packing
     * @param  string  $closed  days on which the seller is away
     * @param  string  $home  the home country, ISO 3166-1
     * @param  string  $pricedWith  what prices at home reckon with for delivery
     * @param  string  $working  the countries for which what everything costs there is being worked out; "" for none
     */
    public function __construct(
        public array $places,
        public array $packing,
        public string $closed,
        public string $home,
        public string $currency,
        public string $pricedWith,
        public string $working,
    ) {
    }

    public static function of(Stall $stall): self
    {
        $suppliers = SupplierConnection::of($stall)->whereNull('disconnected_at')->orderBy('name')->get();
        $names = $suppliers->pluck('name', 'id')->map(strval(...))->all();
        $past = PastDelivery::byPlace($stall, app(DeliveredLately::class)->of($stall));
        $rows = $stall->places->keyBy('id');

        return new self(
            places: array_map(static fn (PlaceTerms $terms): DeliveryPlaceView => DeliveryPlaceView::of(
                $stall,
                $terms,
                $rows[$terms->place->id]->name ?? '',
                $names,
                $past[$terms->place->id] ?? null,
            ), Places::of($stall)),
            packing: array_values($suppliers->map(PackingView::of(...))->all()),
            closed: PackingView::days($stall->closed_days),
            home: $stall->home_market,
            currency: $stall->currency,
            working: self::working($stall),
            pricedWith: MoneyView::text($stall->flatDelivery()),
        );
    }

    private static function working(Stall $stall): string
    {
        $sent = array_diff(Places::countries($stall), [$stall->home_market]);
        $unknown = DB::table('markets')
            ->where('stall_id', $stall->id)
            ->whereIn('market', $sent)
            ->whereNull('landed_at')
            ->orderBy('market')
            ->pluck('market');

        return implode(', ', $unknown->map(static fn (mixed $market): string => Stall::countrySaid((string) $market))->all());
    }
}
