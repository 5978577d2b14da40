<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Docket\Docket;
use WindowStall\Core\Drift\Docket\Effect;
use WindowStall\Core\Drift\Docket\EffectKind;
use WindowStall\Core\Drift\Docket\Own;
use WindowStall\Core\Drift\Docket\Sold;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Money\Money;
use WindowStall\Drift\Deciding\CarryOut;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Rules\Rules;
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
               sold.own_price_minor IS NOT NULL AS held, sold.waiting_price_minor IS NOT NULL AS waits,
               open.id AS open
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
        $open = DriftChange::query()->whereKey(array_filter(array_column($rows, 'open')))->get()->keyBy('id');
        $book = new JudgedBook($stall, $this->carryOut);
        $waits = $free = [];
        foreach ($rows as $row) {
            $rules = Rules::of($stall, $connection, self::own($row));
            $asked = $open->get((int) $row->open);
            foreach (self::heard($row, $rules, $asked) as $effect) {
                match ($effect->kind) {
                    EffectKind::Noted => $book->change(self::row($stall, $connection, $row)
                        + OpenQuestion::noted($effect, $run)),
                    EffectKind::WentOn => $asked?->update(OpenQuestion::wentOn($asked, $effect->question, $run)),
                    EffectKind::TakenBack => $asked?->update(OpenQuestion::takenBack($effect->question)),
                    EffectKind::PriceWaits => $waits[] = (int) $row->listing_variant,
                    EffectKind::PriceFree => $free[] = (int) $row->listing_variant,
                    EffectKind::CarriedOut => null,
                };
            }
        }
        $book->close();
        DB::update(self::PUT_BY, [PgArray::numbers($waits), $stall->home_market]);
        CarryOut::letPricesGo($free);
        JudgeListings::count(array_values(array_unique(array_map(intval(...), array_column($rows, 'listing')))));
    }

    /**
     * What is to be done about one variant; whether something else of it asks is left to {@see CarryOut::letPricesGo()}.
     *
     * @return list<Effect>
     */
    private static function heard(\stdClass $row, Policies $rules, ?DriftChange $asked): array
    {
        $sold = new Sold(
            key: (int) $row->listing_variant,
            item: (int) $row->item,
            code: (string) $row->external_id,
            byHand: (bool) $row->held,
            waits: (bool) $row->waits,
            priced: $row->price !== null,
        );
        $questions = $asked === null ? [] : [OpenQuestion::of($asked)];
        $docket = new Docket(new Own, [$sold->item => $rules], [$sold], $questions);
        $change = new Change(
            kind: ChangeKind::Delivery,
            variantId: $sold->code,
            about: (string) $row->label,
            before: self::money((int) $row->was, $row),
            after: self::money((int) $row->now, $row),
            said: (int) $row->was,
            movedBp: Drift::movedBp((int) $row->was, (int) $row->now),
        );

        return $docket->hearOfDelivery($sold->item, $change, (int) $row->now);
    }

    /** @return array<string, mixed> the listing's own rules */
    private static function own(\stdClass $row): array
    {
        return (array) json_decode((string) $row->policies, true, flags: JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> */
    private static function row(Stall $stall, SupplierConnection $connection, \stdClass $row): array
    {
        return [
            'stall_id' => $stall->id,
            'listing_id' => $row->listing,
            'connection_id' => $connection->id,
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
