<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Source\SupplierConnection;
use WindowStall\Support\PgArray;

/** When a step is taken back in which changes were decided, they stand as before: what asked asks again. */
final class ReopenChanges
{
    private const REOPEN = <<<'SQL'
        UPDATE drift_changes
        SET standing = stood, stood = NULL, change_id = NULL, decided_at = NULL, decided_by = NULL
        WHERE change_id = ?
          AND listing_id = ANY (?::bigint[])
          AND stood IS NOT NULL
        SQL;

    /** What suppliers said since was judged already, whatever the listing was put back to. */
    private const JUDGED = <<<'SQL'
        UPDATE listings AS listing
        SET agreed_words_id = item.words_id, supplier_gone = item.gone_at IS NOT NULL
        FROM supplier_items AS item
        WHERE item.id = listing.supplier_item_id
          AND item.words_id IS NOT NULL
          AND listing.id = ANY (?::bigint[])
        SQL;

    private const JUDGED_JOINED = <<<'SQL'
        UPDATE listing_items AS joined
        SET agreed_words_id = item.words_id
        FROM supplier_items AS item
        WHERE item.id = joined.supplier_item_id
          AND item.words_id IS NOT NULL
          AND joined.listing_id = ANY (?::bigint[])
        SQL;

    public function handle(StepTakenBack $step): void
    {
        $ids = PgArray::numbers($step->listings);
        if (DB::update(self::REOPEN, [$step->change->id, $ids]) > 0) {
            DB::update(self::JUDGED, [$ids]);
            DB::update(self::JUDGED_JOINED, [$ids]);
        }
        foreach (DB::table('drift_rule_changes')->where('change_id', $step->change->id)->get() as $row) {
            SupplierConnection::query()->whereKey($row->connection_id)->update(['policies' => $row->before]);
        }
        DB::table('drift_rule_changes')->where('change_id', $step->change->id)->delete();
        JudgeListings::count($step->listings);
    }
}
