<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\ProjectListings;
use WindowStall\Drift\DriftChange;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Stall\Stall;
use WindowStall\Support\Ids;
use WindowStall\Support\Together;

/**
 * Brings listings in step with what a supplier says: each change is judged, what listings show and cost is worked out
 * anew, and then what each change does in money.
 *
 * Done again, or taken up after it broke off, it comes to the same.
 */
final readonly class FollowSupplier
{
    /**
     * Listings that sell, join or could sell goods of which something was said, or that all cost something else landed.
     */
    private const CONCERNED = <<<'SQL'
        WITH moved AS (
            SELECT item.id
            FROM supplier_items AS item
            LEFT JOIN unsettled_items AS unsettled ON unsettled.supplier_item_id = item.id
            WHERE item.connection_id = :connection
              AND (:all::boolean OR unsettled.supplier_item_id IS NOT NULL)
              AND (:item::text IS NULL OR item.external_id = :item)
        ), concerned AS (
            SELECT listing.id
            FROM listings AS listing
            JOIN moved ON moved.id = listing.supplier_item_id
            UNION
            SELECT joined.listing_id
            FROM listing_items AS joined
            JOIN moved ON moved.id = joined.supplier_item_id
            UNION
            SELECT offered.listing_id
            FROM moved
            JOIN supplier_variants AS variant ON variant.supplier_item_id = moved.id
            JOIN variant_sources AS source ON source.supplier_variant_id = variant.id
            JOIN listing_variants AS offered ON offered.id = source.listing_variant_id
        )
        SELECT listing.id
        FROM listings AS listing
        JOIN concerned USING (id)
        WHERE listing.stall_id = :stall
          AND listing.deleted_at IS NULL
        ORDER BY listing.id
        SQL;

    public function __construct(
        private JudgeListings $judge,
        private RecogniseLater $recognise,
        private NoteDelivery $delivery,
        private PutByWhatIsGone $putBy,
        private ProjectListings $project,
        private ReckonChanges $reckon,
    ) {
    }

    public function handle(SupplierSaidMore $more): void
    {
        Together::do(fn () => $this->follow($more));
    }

    private function follow(SupplierSaidMore $more): void
    {
        $stall = Stall::query()->findOrFail($more->connection->stall_id);
        $listings = self::listings($stall, $more);
        $last = (int) DB::scalar('SELECT COALESCE(max(id), 0) FROM drift_changes WHERE stall_id = ?', [$stall->id]);
        ($this->judge)($stall, $more->connection, $more->run);
        if ($more->run !== null) {
            ($this->recognise)($stall, $more->connection, $more->run);
            $putBy = ($this->putBy)($stall, $more->connection, $more->run);
            $listings = array_values(array_unique([...$listings, ...$putBy]));
        }
        ($this->delivery)($stall, $more->connection, $more->run, $more->deliveryWas);
        KeepBack::of($more->connection, all: false);
        ($this->project)($stall, $listings);
        ($this->reckon)($stall);
        self::tell($stall, $more, $last);
    }

    /** Programs hear how much there is; what it is they ask for. */
    private static function tell(Stall $stall, SupplierSaidMore $more, int $last): void
    {
        $made = DriftChange::query()->where('stall_id', $stall->id)->where('id', '>', $last)->toBase()
            ->selectRaw('standing, count(*) AS n')->groupBy('standing')->pluck('n', 'standing')->all();
        if ($made !== []) {
            Tell::of($stall, HookEvent::Changes, [
                'supplier' => $more->connection->name,
                'run' => $more->run?->id,
                'after' => $last,
                'followed' => (int) ($made['followed'] ?? 0),
                'asks' => (int) ($made['asks'] ?? 0),
                'kept' => (int) ($made['kept'] ?? 0),
            ]);
        }
    }

    /** @return list<int> the listings that something was said of */
    private static function listings(Stall $stall, SupplierSaidMore $more): array
    {
        return Ids::of(self::CONCERNED, [
            'stall' => $stall->id,
            'connection' => $more->connection->id,
            'item' => $more->item,
            'all' => $more->landedAnew ? 't' : 'f',
        ]);
    }
}
