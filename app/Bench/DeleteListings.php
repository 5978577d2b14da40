<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\StepDone;
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
        $deleted = static fn (): StepDone => new StepDone(Plural::of(self::delete($stall, $ids), 'listing').' deleted');

        return $this->undo->whileLocked($stall, $by, $ids, $deleted)[0];
    }

    /**
     * @param  list<int>  $ids
     * @return int how many were there
     */
    private static function delete(Stall $stall, array $ids): int
    {
        // What isn't sold has no price; taking the step back makes them again.
        DB::table('prices')
            ->where('stall_id', $stall->id)
            ->whereIn(
                'listing_variant_id',
                DB::table('listing_variants')->whereIn('listing_id', $ids)->select('id'),
            )
            ->delete();

        return DB::table('listings')
            ->where('stall_id', $stall->id)
            ->whereIn('id', $ids)
            ->whereNull('deleted_at')
            ->update(['deleted_at' => now()]);
    }
}
