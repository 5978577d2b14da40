<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\ListingsChanged;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Undo;
use WindowStall\Core\Words\Plural;
use WindowStall\Stall\Stall;
use WindowStall\Stall\User;

/** Deletes listings, however many, in one step that can be taken back in one. Orders keep what they say. */
final readonly class DeleteListings
{
    public function __construct(private Undo $undo)
    {
    }

    /** @param  list<int>  $ids */
    public function __invoke(Stall $stall, ?User $by, array $ids): BenchChange
    {
        [, $change] = $this->undo->around(
            $stall,
            $by,
            $ids,
            static function () use ($stall, $ids): int {
                // What isn't sold has no price; taking the step back makes them again.
                DB::table('prices')
                    ->where('stall_id', $stall->id)
                    ->whereIn(
                        'listing_variant_id',
                        DB::table('listing_variants')->whereIn('listing_id', $ids)->select('id'),
                    )
                    ->delete();
                event(new ListingsChanged($stall, $ids));

                return DB::table('listings')
                    ->where('stall_id', $stall->id)
                    ->whereIn('id', $ids)
                    ->whereNull('deleted_at')
                    ->update(['deleted_at' => now()]);
            },
            static fn (int $n): string => Plural::of($n, 'listing').' deleted',
        );
        $stall->bumpShop();

        return $change;
    }
}
