<?php

declare(strict_types=1);

namespace WindowStall\Pricing\Views;

use Illuminate\Database\Eloquent\Collection;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\MakeUp\OptionNames;
use WindowStall\Bench\Pictures\Picture;
use WindowStall\Bench\Prices\Price;
use WindowStall\Core\Pricing\Listing\PricedBy;
use WindowStall\Core\Source\Item;
use WindowStall\Stall\Stall;
use WindowStall\Support\Views\MoneyView;
use WindowStall\Support\Views\Percent;

/** A variant on the price board. Amounts are the stall's, but the price is as its market shows it. */
final readonly class BoardRowView
{
    public function __construct(
        public int $id,
        public int $listing,
        public string $title,
        public string $label,
        public ?string $picture,
        public bool $inWindow,
        public ?MoneyView $goods,
        public ?MoneyView $delivery,
        public ?MoneyView $landed,
        public ?MoneyView $price,
        public ?MoneyView $was,
        public ?MoneyView $keep,
        public string $margin,
        public string $recipe,
        public bool $byHand,
        public ?MoneyView $aboveFloor,
        public bool $underFloor,
        public bool $knowingly,
        public bool $floorOverCap,
        public bool $dearParcel,
        public ?string $since,
    ) {
    }

    /**
     * @param  list<int>  $ids
     * @return list<self> in the order of the ids
     */
    public static function list(Stall $stall, string $market, array $ids): array
    {
        $rows = ListingVariant::query()
            ->with(['listing', 'supplierVariant', 'prices' => fn ($q) => $q->where('market', $market)])
            ->whereKey($ids)
            ->get()
            ->keyBy('id');
        self::load($rows);
        $recipes = $stall->recipes->pluck('name', 'id')->all();
        $items = [];
        $views = [];
        foreach ($ids as $id) {
            $row = $rows->get($id);
            $price = $row?->priceIn($market);
            if ($row !== null && $price !== null) {
                $words =
                    $row->listing !== null && self::renamed($row->listing) ? $row->listing->supplierItem?->words : null;
                $item = $words === null ? null : ($items[$words->id] ??= $words->item());
                $views[] = self::of($stall, $row, $price, $item, (string) ($recipes[$price->recipe_id ?? 0] ?? ''));
            }
        }

        return $views;
    }

    /**
     * Loads once for each listing what its variants share; the supplier's words only where the seller calls options
     * otherwise.
     *
     * @param  Collection<array-key, ListingVariant>  $rows
     */
    private static function load(Collection $rows): void
    {
        /** @var Collection<int, Listing> $listings */
        $listings = (new Collection($rows->pluck('listing')->filter()->all()))->unique('id');
        $listings->load([
            'pictures' => fn ($q) => $q->where('state', Picture::READY)->select(['id', 'listing_id', 'state', 'path']),
        ]);
        $listings->filter(self::renamed(...))->load('supplierItem.words');
        foreach ($rows as $row) {
            $row->setRelation('listing', $listings->find($row->listing_id));
        }
    }

    private static function renamed(Listing $listing): bool
    {
        return $listing->own_names !== null || $listing->own_dropped !== [] || $listing->own_option_order !== [];
    }

    private static function of(Stall $stall, ListingVariant $row, Price $price, ?Item $item, string $recipe): self
    {
        $listing = $row->listing ?? throw new \LogicException('A variant always has its listing.');
        $money = static fn (?int $minor): ?MoneyView => MoneyView::ofNullable($stall->moneyOrNull($minor));
        $options =
            ($row->own_options ?? []) +
            OptionNames::apply(
                $listing->own_names ?? [],
                $item?->variant($row->external_id)->options ?? [],
                $listing->own_dropped,
                $listing->own_option_order,
            );
        $picture = $listing->pictures->first(
            static fn (Picture $p): bool => $p->state === Picture::READY &&
                in_array($p->id, $listing->own_pictures ?? [$p->id], true),
        );

        return new self(
            id: $row->id,
            listing: $listing->id,
            title: $listing->shown_title,
            label: $options === [] ? (string) $row->supplierVariant?->label : implode(' · ', $options),
            picture: $picture?->url(80),
            inWindow: $listing->state->value === 'in_window',
            goods: $money($price->goods_minor),
            delivery: $money($price->delivery_minor),
            landed: $money($price->landed_minor),
            price: MoneyView::ofNullable($price->shown()),
            was: $money($row->own_was_minor),
            keep: $money($price->keep_minor),
            margin: Percent::whole($price->margin_bp),
            recipe: match ($price->priced_by) {
                PricedBy::Hand => 'by hand',
                PricedBy::OwnRecipe => 'its own recipe',
                PricedBy::Together => 'with the others',
                PricedBy::Conversion => 'follows home',
                PricedBy::Recipe => $recipe,
            },
            byHand: $price->priced_by === PricedBy::Hand,
            aboveFloor: $money($price->above_floor_minor),
            underFloor: $price->underFloor(),
            knowingly: $row->own_under_floor,
            floorOverCap: $price->floor_over_cap,
            dearParcel: $price->delivery_minor !== null &&
                $price->landed_minor !== null &&
                2 * $price->delivery_minor > $price->landed_minor,
            since: $price->since?->diffForHumans(['parts' => 1]),
        );
    }
}
