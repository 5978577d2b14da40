<?php

declare(strict_types=1);

namespace WindowStall\Bench\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUnique;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\ListingVariant;
use WindowStall\Source\SupplierVariant;
use WindowStall\Stall\OneStall;
use WindowStall\Stall\Stall;

/** Sells no more places for what began already. */
final class EndTimes implements ShouldBeUnique, ShouldQueue
{
    use Queueable;

    private const AT_ONCE = 500;

    public int $tries = 1;

    public int $timeout = 60;

    public int $uniqueFor = 60;

    public function handle(): void
    {
        OneStall::each('times_to_end', [now()->toIso8601ZuluString(), self::AT_ONCE], static function (int $variant): void {
            DB::transaction(static function () use ($variant): void {
                $row = SupplierVariant::query()->with('item')->lockForUpdate()->findOrFail($variant);
                $row->update(['stock' => 0]);
                $listings = ListingVariant::query()->where('supplier_variant_id', $row->id)->pluck('listing_id')->filter();
                event(new ListingsChanged(
                    Stall::query()->findOrFail((int) $row->item?->stall_id),
                    array_values($listings->map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0)->unique()->all()),
                ));
            });
        });
    }
}
