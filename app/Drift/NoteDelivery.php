<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Circumstances;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Money\Money;
use WindowStall\Runs\Run;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/** Judges what a supplier charges otherwise for delivery home, of the variants that are sold; a thousand at a time. */
final readonly class NoteDelivery
{
    private const AT_ONCE = 1_000;

    /** With what is asked about it already. Whoever edits one of the listings meanwhile waits. */
    private const MOVED = <<<'SQL'
        SELECT sold.id AS listing_variant, sold.listing_id AS listing, listing.own_policies::text AS policies,
               variant.external_id, variant.label, variant.first_minor AS now, was.minor AS was,
               item.id AS item, item.currency, price.price_minor AS price, price.keep_minor AS keep,
               sold.own_price_minor IS NOT NULL AS held, open.id AS open, open.said::text AS agreed
        FROM unnest(:variants::bigint[], :was::bigint[]) AS was (variant, minor)
        JOIN supplier_variants AS variant ON variant.id = was.variant
        JOIN supplier_items AS item ON item.id = variant.supplier_item_id
        JOIN listing_variants AS sold ON sold.selling_id = variant.id
        JOIN listings AS listing ON listing.id = sold.listing_id AND listing.deleted_at IS NULL
        LEFT JOIN prices AS price ON price.listing_variant_id = sold.id AND price.market = :home
        LEFT JOIN drift_changes AS open ON open.listing_variant_id = sold.id
            AND open.kind = :kind
            AND open.standing = 'asks'
        WHERE variant.first_minor <> was.minor
        ORDER BY listing.id, sold.id
        FOR UPDATE OF listing
        SQL;

    private const PUT_BY = <<<'SQL'
        UPDATE listing_variants AS variant
        SET waiting_price_minor = price.price_minor
        FROM prices AS price
        WHERE variant.id = ANY (?::bigint[])
          AND variant.own_price_minor IS NULL
          AND variant.waiting_price_minor IS NULL
          AND price.listing_variant_id = variant.id
          AND price.market = ?
        SQL;

    public function __construct(private CarryOut $carryOut)
    {
    }

    /** @param  array<int, int>  $was  the supplier's variant → what delivery of one piece cost, in minor units */
    public function __invoke(Stall $stall, SupplierConnection $connection, ?Run $run, array $was): void
    {
        foreach (array_chunk($was, self::AT_ONCE, true) as $some) {
            DB::transaction(fn () => $this->note($stall, $connection, $run, $some));
        }
    }

    /** @param  array<int, int>  $was */
    private function note(Stall $stall, SupplierConnection $connection, ?Run $run, array $was): void
    {
        $rows = DB::select(self::MOVED, [
            'home' => $stall->home_market,
            'kind' => ChangeKind::Delivery->value,
            'variants' => PgArray::numbers(array_keys($was)),
            'was' => PgArray::numbers(array_values($was)),
        ]);
        $book = new JudgedBook($stall, $this->carryOut);
        $asks = $settled = [];
        foreach ($rows as $row) {
            $agreed = (int) ($row->agreed ?? $row->was);
            $moved = Drift::movedBp($agreed, (int) $row->now);
            $own = json_decode((string) $row->policies, true, flags: JSON_THROW_ON_ERROR);
            $how = new Circumstances((bool) $row->held, $moved);
            $ruling = Ruling::on(ChangeKind::Delivery, Rules::of($stall, $connection, $own), $how);
            $back = $row->open !== null && (int) $row->now === $agreed;
            if ($ruling->standing === Standing::Asks && ! $back) {
                $asks[] = (int) $row->listing_variant;
            } elseif ($row->open !== null) {
                $settled[] = (int) $row->listing_variant;
            }
            $facts = $back ? DriftChange::TAKEN_BACK : [
                'standing' => $ruling->standing,
                'rule' => mb_substr($ruling->rule, 0, 200),
                'moved_bp' => $moved,
                'run_id' => $run?->id,
                'at' => Carbon::now()->toDateTimeString(),
            ];
            $facts += ['after' => self::money((int) $row->now, $row)];
            if ($row->open !== null) {
                DriftChange::query()->whereKey($row->open)->update($facts + ['price_agreed' => null]);
            } else {
                $book->change($facts + self::row($stall, $connection, $row));
            }
        }
        $book->close();
        DB::update(self::PUT_BY, [PgArray::numbers($asks), $stall->home_market]);
        CarryOut::letPricesGo($settled);
        JudgeListings::count(array_values(array_unique(array_map(intval(...), array_column($rows, 'listing')))));
    }

    /** @return array<string, mixed> */
    private static function row(Stall $stall, SupplierConnection $connection, \stdClass $row): array
    {
        return [
            'stall_id' => $stall->id,
            'listing_id' => $row->listing,
            'connection_id' => $connection->id,
            'supplier_item_id' => $row->item,
            'listing_variant_id' => $row->listing_variant,
            'kind' => ChangeKind::Delivery,
            'variant' => $row->external_id,
            'about' => $row->label,
            'before' => self::money((int) $row->was, $row),
            'said' => (int) $row->was,
            'price_was' => $row->price,
            'keep_was' => $row->keep,
        ];
    }

    private static function money(int $minor, \stdClass $row): string
    {
        $currency = (string) $row->currency;

        return Money::of($minor, $currency)->digits().' '.$currency;
    }
}
