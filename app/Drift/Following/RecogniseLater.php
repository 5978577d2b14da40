<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Drift\Deciding\CarryOut;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Rules\Rules;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** Listings whose item went some time ago: it may have come back under another code since. */
final readonly class RecogniseLater
{
    /** Listings that are looked at after a pull. */
    private const MOST = 200;

    /** Gone, nobody was asked yet whether something new is the same, and something new has come since. */
    private const GONE = <<<'SQL'
        WITH newest AS MATERIALIZED (
            SELECT max(created_at) AS at
            FROM supplier_items
            WHERE connection_id = :connection
              AND gone_at IS NULL
        )
        SELECT listing.id
        FROM listings AS listing
        JOIN supplier_items AS item ON item.id = listing.supplier_item_id
        WHERE listing.stall_id = :stall
          AND listing.deleted_at IS NULL
          AND listing.supplier_gone
          AND item.connection_id = :connection
          AND item.gone_at <= (SELECT at FROM newest)
          AND NOT EXISTS (
              SELECT 1 FROM drift_changes AS asked
              WHERE asked.listing_id = listing.id AND asked.kind = 'item_as' AND asked.standing IN ('asks', 'kept')
          )
        ORDER BY listing.id
        LIMIT :most
        SQL;

    public function __construct(private Recognise $recognise, private CarryOut $carryOut)
    {
    }

    public function __invoke(Stall $stall, SupplierConnection $connection, Run $run): void
    {
        $ids = array_column(DB::select(self::GONE, [
            'stall' => $stall->id,
            'connection' => $connection->id,
            'most' => self::MOST,
        ]), 'id');
        foreach (Listing::of($stall)->with('supplierItem.words')->whereKey($ids)->get() as $listing) {
            DB::transaction(fn () => $this->ask($stall, $connection, $run, $listing));
        }
    }

    private function ask(Stall $stall, SupplierConnection $connection, Run $run, Listing $listing): void
    {
        Listing::lock($stall, [$listing->id]);
        $change = $listing->supplierItem === null ? null : $this->recognise->item($listing->supplierItem);
        if ($change === null || $listing->supplierItem === null) {
            return;
        }
        DriftChange::query()
            ->where('listing_id', $listing->id)
            ->where('kind', ChangeKind::ItemGone)
            ->where('standing', Standing::Asks)
            ->update(['standing' => Standing::Settled, 'rule' => 'it seems to have come back under another code']);
        $ruling = Ruling::on($change->kind, Rules::for($stall, $connection, $listing), new Circumstances);
        $row = DriftChange::query()->create([
            'stall_id' => $stall->id,
            'listing_id' => $listing->id,
            'connection_id' => $connection->id,
            'supplier_item_id' => $listing->supplierItem->id,
            'run_id' => $run->id,
            'kind' => $change->kind,
            'about' => $change->about,
            'before' => $change->before,
            'after' => $change->after,
            'said' => $change->said,
            'standing' => $ruling->standing,
            'rule' => $ruling->rule,
            'at' => Carbon::now(),
        ]);
        if ($ruling->standing === Standing::Followed) {
            ($this->carryOut)($stall, $row, true);
        }
        JudgeListings::count([$listing->id]);
    }
}
