<?php

declare(strict_types=1);

namespace WindowStall\Bench;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Bench\Wording;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * How many things of what shoppers would read keep listings on the bench ({@see Wording}), kept beside each so that the
 * bench can be sorted by what is lacking.
 */
final readonly class CountWording
{
    private const KEEP = <<<'SQL'
        UPDATE listings AS listing
        SET wording_lacks = counted.lacks
        FROM unnest(:ids::bigint[], :lacks::int[]) AS counted (id, lacks)
        WHERE counted.id = listing.id
          AND listing.stall_id = :stall
          AND listing.wording_lacks <> counted.lacks
        SQL;

    /** @param  list<int>  $ids  those that aren't on the bench are left alone */
    public function __invoke(Stall $stall, array $ids): void
    {
        $lying = Listing::of($stall)
            ->with(ListingWords::READ)
            ->whereKey($ids)
            ->where('state', ListingState::OnBench)
            ->get();
        $lacks = [];
        foreach ($lying as $listing) {
            $lacks[$listing->id] = count(ListingWords::of($listing)->wording($stall)->lacks());
        }
        if ($lacks !== []) {
            DB::update(self::KEEP, [
                'stall' => $stall->id,
                'ids' => PgArray::numbers(array_keys($lacks)),
                'lacks' => PgArray::numbers(array_values($lacks)),
            ]);
        }
    }
}
