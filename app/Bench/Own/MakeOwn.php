<?php

declare(strict_types=1);

namespace WindowStall\Bench\Own;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Bench\ListingFigures;
use WindowStall\Bench\Patch\ListingPatch;
use WindowStall\Bench\Patch\PatchListings;
use WindowStall\Bench\TakeToBench;
use WindowStall\Core\Giving\Appointment;
use WindowStall\Core\Money\Money;
use WindowStall\Core\Source\Giving;
use WindowStall\Core\Source\Variant;
use WindowStall\Core\Tax\TaxClass;
use WindowStall\Source\Own\OwnGood;
use WindowStall\Source\Own\SaveOwnGood;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Lays something of the stall's own on the bench, at a price of its own: nobody's cost makes one. */
final readonly class MakeOwn
{
    public function __construct(private SaveOwnGood $save, private TakeToBench $take, private PatchListings $patch)
    {
    }

    /** @param  list<Appointment>  $times */
    public function __invoke(Stall $stall, ?User $by, Giving $giving, string $name, Money $price, array $times): Listing
    {
        return DB::transaction(function () use ($stall, $by, $giving, $name, $price, $times): Listing {
            $good = $this->save->make($stall, $giving, $name);
            $good->update([
                'appointments' => array_map(static fn (Appointment $one): array => $one->write(), $times),
                'amounts' => $giving === Giving::GiftCard ? [$price->minor] : [],
            ]);
            $item = $this->save->say($stall, $good);
            $listing = ($this->take)($stall, [$item->id])->new[0];
            $this->patch->one($stall, $by, $listing->refresh(), ListingPatch::none()->title($name));
            if ($giving === Giving::GiftCard) {
                // What it buys later is taxed then.
                DB::table('tax_classes')->insert([
                    'stall_id' => $stall->id,
                    'by' => 'listing',
                    'value' => (string) $listing->id,
                    'class' => TaxClass::Exempt->value,
                ]);
                $this->atTheirWorth($stall, $by, $listing);
            } else {
                $this->price($stall, $by, $listing, $price);
            }

            return $listing->refresh();
        });
    }

    /** As the stall says them: the earliest time first, the least amount first. */
    private function inOrder(Stall $stall, ?User $by, Listing $listing, OwnGood $good): void
    {
        $said = array_map(static fn (Variant $v): array => $v->options, $good->item()->variants);
        $option = (string) array_key_first($said[0] ?? []);
        if ($option !== '') {
            $figures = ListingFigures::of($stall, Listing::of($stall)->findOrFail($listing->id));
            $this->patch->one($stall, $by, $listing->refresh(), ListingPatch::none()->valueOrder(
                $figures,
                $option,
                array_values(array_column($said, $option)),
            ));
        }
    }

    /** Each card costs what it is worth; that nothing is kept of it is known. */
    private function atTheirWorth(Stall $stall, ?User $by, Listing $listing): void
    {
        foreach ($listing->variants()->get() as $variant) {
            $worth = $stall->money((int) preg_replace('~^.*/~', '', $variant->external_id));
            $patch = ListingPatch::none()->price([$variant->id], $worth)->underFloor([$variant->id], true);
            $this->patch->one($stall, $by, $listing->refresh(), $patch);
        }
    }

    /** Every one of its variants at a price. */
    public function price(Stall $stall, ?User $by, Listing $listing, Money $price): void
    {
        $ids = array_values($listing->variants()->pluck('id')->map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->all());
        $this->patch->one($stall, $by, $listing->refresh(), ListingPatch::none()->price($ids, $price));
    }

    /** What was said of the goods behind a listing counts at once; new times are sold at the price of the others. */
    public function say(Stall $stall, ?User $by, Listing $listing, OwnGood $good): void
    {
        DB::transaction(function () use ($stall, $by, $listing, $good): void {
            $this->save->say($stall, $good);
            $this->inOrder($stall, $by, $listing, $good);
            if ($good->giving === Giving::GiftCard) {
                $this->atTheirWorth($stall, $by, $listing);

                return;
            }
            $price = $listing->variants()->whereNotNull('own_price_minor')->orderBy('id')->value('own_price_minor');
            if (is_numeric($price)) {
                $this->price($stall, $by, $listing, $stall->money((int) $price));
            }
        });
    }
}
