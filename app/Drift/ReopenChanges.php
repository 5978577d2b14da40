<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Source\Item;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Support\PgArray;

/**
 * When a step is taken back in which changes were decided, they stand as before: what asked asks again. What their
 * supplier said of the same since is asked as one with it, and what it has taken back meanwhile isn't asked at all.
 */
final class ReopenChanges
{
    private const ANEW = ['stood' => null, 'change_id' => null, 'decided_at' => null, 'decided_by' => null];

    private const ONE = ['standing' => Standing::Settled, 'rule' => 'asked as one with what was said before'];

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

    public function __construct(private readonly CarryOut $carryOut)
    {
    }

    public function handle(StepTakenBack $step): void
    {
        $decided = DriftChange::query()->where('change_id', $step->change->id)->whereIn('listing_id', $step->listings)
            ->whereNotNull('stood')->with(['listing', 'listingVariant'])->orderBy('id')->get();
        if ($decided->isNotEmpty()) {
            $this->reopen($decided, $step->change);
            $ids = PgArray::numbers($step->listings);
            DB::update(self::JUDGED, [$ids]);
            DB::update(self::JUDGED_JOINED, [$ids]);
        }
        foreach (DB::table('drift_rule_changes')->where('change_id', $step->change->id)->get() as $row) {
            SupplierConnection::query()->whereKey($row->connection_id)->update(['policies' => $row->before]);
        }
        DB::table('drift_rule_changes')->where('change_id', $step->change->id)->delete();
        JudgeListings::count($step->listings);
    }

    /** @param  Collection<int, DriftChange>  $decided */
    private function reopen(Collection $decided, BenchChange $step): void
    {
        $items = SupplierItem::query()->with('words')->whereKey($decided->pluck('supplier_item_id')->unique())->get()
            ->keyBy('id');
        $said = array_map(static fn (SupplierItem $item): ?Item => $item->words?->item(), $items->all());
        $since = $this->since($decided, $step);
        foreach ($decided as $change) {
            $item = $items->get($change->supplier_item_id);
            $now = $said[$change->supplier_item_id] ?? null;
            $later = array_filter(
                $since[self::about($change)] ?? [],
                static fn (DriftChange $other): bool => $other->id > $change->id,
            );
            foreach ($later as $other) {
                $other->standing === Standing::Asks && $other->update(self::ONE);
            }
            $change->fill(['standing' => $change->stood] + self::ANEW);
            if ($change->standing === Standing::Asks && $item !== null && $now !== null) {
                $this->compare($change, $item, $now, array_values($later));
            }
            $change->save();
        }
    }

    /**
     * @param  Collection<int, DriftChange>  $decided
     * @return array<string, list<DriftChange>> what was said of the same later, the last one last
     */
    private function since(Collection $decided, BenchChange $step): array
    {
        $rows = DriftChange::query()->whereIn('listing_id', $decided->pluck('listing_id')->unique()->values())
            ->where('id', '>', $decided->min('id'))
            ->where(static fn ($of) => $of->whereNull('change_id')->orWhere('change_id', '<>', $step->id))
            ->orderBy('id')->get();
        $since = [];
        foreach ($rows as $row) {
            $since[self::about($row)][] = $row;
        }

        return $since;
    }

    /** The same of a change and of what undoes it. */
    private static function about(DriftChange $change): string
    {
        $kinds = [$change->kind->value, $change->kind->opposite()->value ?? $change->kind->value];

        return implode(' ', [$change->listing_id, $change->supplier_item_id, min($kinds), $change->variant]);
    }

    /**
     * Holds what is asked again against what its supplier says by now.
     *
     * @param  list<DriftChange>  $later  what was said of the same since
     */
    private function compare(DriftChange $change, SupplierItem $item, Item $now, array $later): void
    {
        $last = $later === [] ? null : $later[count($later) - 1];
        if (! self::holds($change, $item, $now)) {
            $change->fill(['after' => $last->after ?? $change->after] + DriftChange::TAKEN_BACK);
            $change->kind->waits() && $this->carryOut->letGo($change);

            return;
        }
        if ($last !== null && $last->kind === $change->kind) {
            $is = Drift::said($now, $change->kind, $change->variant);
            $was = $change->said;
            $change->fill([
                'after' => $last->after,
                'run_id' => $last->run_id,
                'at' => $last->at,
                'moved_bp' => is_int($is) && is_int($was) ? Drift::movedBp($was, $is) : $change->moved_bp,
                'price_agreed' => null,
            ]);
        }
    }

    /** Whether its supplier still says otherwise than was agreed. */
    private static function holds(DriftChange $change, SupplierItem $item, Item $now): bool
    {
        $offered = $item->gone_at === null;

        return match ($change->kind) {
            ChangeKind::Title, ChangeKind::Words, ChangeKind::Pictures, ChangeKind::Cost => $change->said !==
                Drift::said($now, $change->kind, $change->variant),
            ChangeKind::VariantGone, ChangeKind::VariantRenamed => $now->variant($change->variant) === null,
            ChangeKind::VariantNew => $offered && $now->variant($change->variant) !== null,
            ChangeKind::ItemGone, ChangeKind::ItemRenamed => ! $offered,
            ChangeKind::ItemBack => $offered,
            default => true,
        };
    }
}
