<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\StepTaken;
use WindowStall\Support\PgArray;

/**
 * What was said of a variant goes with it from listing to listing. A listing that was made of another asks what that one
 * asks of the item as a whole; of variants that came off nobody is asked until they are on again.
 */
final class FollowVariants
{
    private const FOLLOW = <<<'SQL'
        UPDATE drift_changes AS change
        SET listing_id = variant.listing_id
        FROM listing_variants AS variant
        WHERE variant.id = change.listing_variant_id
          AND variant.listing_id <> change.listing_id
          AND change.listing_id = ANY (?::bigint[])
        SQL;

    /** Where a part has a title or pictures of its own, that stands. */
    private const ASK_PARTS = <<<'SQL'
        INSERT INTO drift_changes (
            stall_id, listing_id, connection_id, supplier_item_id, run_id, kind, variant, about, before, after, said,
            standing, rule, at
        )
        SELECT part.stall_id, part.id, asked.connection_id, asked.supplier_item_id, asked.run_id, asked.kind,
               asked.variant, asked.about, asked.before, asked.after, asked.said,
               CASE
                   WHEN asked.kind = 'title' AND part.own_title IS NOT NULL THEN 'kept'
                   WHEN asked.kind = 'pictures' AND part.own_pictures IS NOT NULL THEN 'kept'
                   ELSE asked.standing
               END,
               asked.rule, asked.at
        FROM listings AS part
        JOIN drift_changes AS asked ON asked.supplier_item_id = part.supplier_item_id
        WHERE part.id = ANY (:made::bigint[])
          AND asked.listing_id = ANY (:listings::bigint[])
          AND asked.kind IN ('title', 'words', 'pictures', 'item_gone', 'item_back', 'item_as')
          AND (asked.standing = 'asks' OR asked.standing = 'kept' AND jsonb_exists(part.waiting, asked.kind))
        SQL;

    private const SETTLE = <<<'SQL'
        UPDATE drift_changes AS change
        SET stood = standing, standing = 'settled', change_id = ?, decided_at = now()
        FROM listing_variants AS variant
        WHERE variant.id = change.listing_variant_id
          AND variant.listing_id IS NULL
          AND change.standing = 'asks'
          AND change.listing_id = ANY (?::bigint[])
        SQL;

    public function handle(StepTaken $step): void
    {
        self::where($step->listings);
        $listings = PgArray::numbers($step->listings);
        if ($step->made !== []) {
            DB::insert(self::ASK_PARTS, ['made' => PgArray::numbers($step->made), 'listings' => $listings]);
        }
        DB::update(self::SETTLE, [$step->change->id, $listings]);
        JudgeListings::count([...$step->listings, ...$step->made]);
    }

    /**
     * Brings what was said of variants to the listing where they stand now.
     *
     * @param  list<int>  $listings  that they may have left
     */
    public static function where(array $listings): void
    {
        DB::update(self::FOLLOW, [PgArray::numbers($listings)]);
    }
}
