<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Money\Money;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/** Judges what a supplier charges otherwise for delivery home, of the variants that are sold. */
final readonly class NoteDelivery
{
    private const AT_ONCE = 1_000;

    private const MOVED = <<<'SQL'
        SELECT sold.id AS listing_variant, sold.listing_id AS listing, variant.id AS variant, variant.external_id,
               variant.label, variant.first_minor AS now, item.id AS item, item.currency,
               price.price_minor AS price, price.keep_minor AS keep, sold.own_price_minor IS NOT NULL AS held
        FROM supplier_variants AS variant
        JOIN supplier_items AS item ON item.id = variant.supplier_item_id
        JOIN listing_variants AS sold ON COALESCE(sold.sold_variant_id, sold.supplier_variant_id) = variant.id
        JOIN listings AS listing ON listing.id = sold.listing_id AND listing.deleted_at IS NULL
        LEFT JOIN prices AS price ON price.listing_variant_id = sold.id AND price.market = :home
        WHERE variant.id = ANY (:variants::bigint[])
        ORDER BY sold.id
        SQL;

    /** @param  array<int, int>  $was  the supplier's variant → what delivery of one piece cost, in minor units */
    public function __invoke(Stall $stall, SupplierConnection $connection, ?Run $run, array $was): void
    {
        foreach (array_chunk($was, self::AT_ONCE, true) as $some) {
            DB::transaction(function () use ($stall, $connection, $run, $some): void {
                $rows = DB::select(self::MOVED, [
                    'home' => $stall->home_market,
                    'variants' => PgArray::numbers(array_keys($some)),
                ]);
                $listings = [];
                foreach ($rows as $row) {
                    if ($row->now !== null && (int) $row->now !== $some[$row->variant]) {
                        $this->note($stall, $connection, $run, $row, $some[$row->variant]);
                        $listings[] = (int) $row->listing;
                    }
                }
                JudgeListings::count(array_values(array_unique($listings)));
            });
        }
    }

    private function note(Stall $stall, SupplierConnection $connection, ?Run $run, \stdClass $row, int $was): void
    {
        $listing = Listing::of($stall)->findOrFail((int) $row->listing);
        $moved = $was === 0 ? 10_000 : (int) round(((int) $row->now - $was) * 10_000 / $was);
        $ruling = Ruling::on(
            ChangeKind::Delivery,
            Rules::for($stall, $connection, $listing),
            new Circumstances((bool) $row->held, $moved),
        );
        $currency = (string) $row->currency;
        $money = static fn (int $minor): string => Money::of($minor, $currency)->digits().' '.$currency;
        $open = DriftChange::query()->where('listing_variant_id', $row->listing_variant)
            ->where('kind', ChangeKind::Delivery)->where('standing', Standing::Asks)->first();
        if ($ruling->standing === Standing::Asks) {
            DB::table('listing_variants')->where('id', $row->listing_variant)->whereNull('own_price_minor')
                ->update(['waiting_price_minor' => DB::raw('COALESCE(waiting_price_minor, '.(int) $row->price.')')]);
        }
        $facts = [
            'after' => $money((int) $row->now),
            'run_id' => $run?->id,
            'standing' => $ruling->standing,
            'rule' => mb_substr($ruling->rule, 0, 200),
            'moved_bp' => $moved,
            'price_agreed' => null,
            'at' => Carbon::now(),
        ];
        if ($open !== null) {
            $open->update($facts);

            return;
        }
        DriftChange::query()->create($facts + [
            'stall_id' => $stall->id,
            'listing_id' => $listing->id,
            'connection_id' => $connection->id,
            'supplier_item_id' => $row->item,
            'listing_variant_id' => $row->listing_variant,
            'kind' => ChangeKind::Delivery,
            'variant' => $row->external_id,
            'about' => $row->label,
            'before' => $money($was),
            'said' => $was,
            'price_was' => $row->price,
            'keep_was' => $row->keep,
        ]);
    }
}
