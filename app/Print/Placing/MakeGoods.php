<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingVariant;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Print\Findings\Severity;
use WindowStall\Core\Print\Priced\TwoPrices;
use WindowStall\Core\Print\PrintedItem;
use WindowStall\Core\Source\Blank;
use WindowStall\Pricing\SetPrices;
use WindowStall\Print\Artwork\Artwork;
use WindowStall\Print\MadeGoodsHere;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Source\Landing\LandItems;
use WindowStall\Source\Pulling\SaveItems;
use WindowStall\Source\Pulling\Unsettled;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;
use WindowStall\Support\Refusal;

/**
 * Makes goods of a placing: an item like a supplier's, and a listing of it on the bench. Made again they are the same
 * goods, as it lies now.
 */
final readonly class MakeGoods
{
    public function __construct(
        private SaveItems $save,
        private LandItems $land,
        private TakeToBench $take,
        private SetPrices $prices,
    ) {
    }

    /** @throws Refusal where something has to be mended first */
    public function __invoke(Stall $stall, Placed $placed, ?User $by): Listing
    {
        $this->check($stall, $placed);
        $said = $placed->said();
        $connection = $placed->blankItem->connection ?? throw new Refusal('This print house isn’t connected any more.');
        $item = MadeGoodsHere::item($stall, $placed, $said, $placed->revision);
        if ($item->variants === []) {
            throw new Refusal('Choose at least one colour and one size first.');
        }
        $made = DB::transaction(function () use ($connection, $item, $placed): SupplierItem {
            ($this->save)($connection, [$item]);
            /** @var SupplierItem $made */
            $made = SupplierItem::query()->where('connection_id', $connection->id)->where('external_id', $item->id)->firstOrFail();
            $made->forceFill(['made_from_id' => $placed->supplier_item_id])->saveQuietly();
            Placed::query()->whereKey($placed->id)->update(['made_item_id' => $made->id, 'made_revision' => $placed->revision, 'refusal' => '']);

            return $made;
        });
        ($this->land)($stall, $connection, only: [$item->id]);
        $listing = Listing::of($stall)->where('supplier_item_id', $made->id)->first();
        if ($listing === null) {
            $listing = ($this->take)($stall, [$made->id])->new[0] ?? throw new Refusal('It lies on the bench already.');
        } else {
            event(new SupplierSaidMore($connection, item: $item->id));
        }
        Unsettled::settle([$made->id]);
        $this->price($stall, $placed, $listing, $by);

        return $listing->refresh();
    }

    private function check(Stall $stall, Placed $placed): void
    {
        $placing = $placed->placing();
        if ($placing->printed() === []) {
            throw new Refusal('Nothing lies on it yet. Lay an artwork on it first.');
        }
        $artworks = Artwork::of($stall)->where('state', Artwork::READY)->get()->keyBy('id')->all();
        foreach (FaultsOf::find($placed->blank(), $placing, $artworks) as $found) {
            if ($found->weight === Severity::Stops) {
                throw new Refusal('Mend this first: '.lcfirst($found->short).' '.$found->rest);
            }
        }
    }

    private function price(Stall $stall, Placed $placed, Listing $listing, ?User $by): void
    {
        if ($placed->prices === null) {
            return;
        }
        $prices = new TwoPrices(...$placed->prices);
        $sizes = SizesOf::item($placed->said());
        $known = [];
        foreach ($placed->said()->variants as $variant) {
            $known[PrintedItem::id($variant->id, $placed->id)] = $variant->options[Blank::SIZE] ?? '';
        }
        $groups = [];
        foreach (ListingVariant::query()->where('listing_id', $listing->id)->get() as $variant) {
            $groups[$prices->of($known[$variant->external_id] ?? '', $sizes)][] = $variant->id;
        }
        foreach ($groups as $asks => $variants) {
            $this->prices->to($stall, $by, $variants, $stall->money($asks));
        }
    }
}
