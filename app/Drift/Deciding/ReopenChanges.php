<?php

declare(strict_types=1);

namespace WindowStall\Drift\Deciding;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Events\StepTakenBack;
use WindowStall\Bench\Undo\BenchChange;
use WindowStall\Bench\Undo\Snapshot;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Drift;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Source\Item;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Following\FollowVariants;
use WindowStall\Drift\Following\JudgeListings;
use WindowStall\Source\SupplierConnection;
use WindowStall\Source\SupplierItem;
use WindowStall\Stall\Stall;
use WindowStall\Support\PgArray;

/**
 * When a step is taken back in which changes were decided, they stand as before: what asked asks again. What their
 * supplier said of the same since is asked as one with it, and what it has taken back meanwhile isn't asked at all.
 */
final class ReopenChanges
{
    private const ANEW = ['stood' => null, 'change_id' => null, 'decided_at' => null, 'decided_by' => null];

    private const ONE = ['standing' => Standing::Settled, 'rule' => 'asked as one with what was said before'];

    /** Of goods that the listing isn't of any more nobody is asked. */
    private const SETTLE_OTHERS = <<<'SQL'
        UPDATE drift_changes AS change
        SET standing = 'settled', rule = 'the listing is of other goods again'
        FROM listings AS listing
        WHERE listing.id = change.listing_id
          AND listing.id = ANY (?::bigint[])
          AND change.standing = 'asks'
          AND change.supplier_item_id <> listing.supplier_item_id
          AND NOT EXISTS (
              SELECT 1
              FROM listing_items AS joined
              WHERE joined.listing_id = listing.id AND joined.supplier_item_id = change.supplier_item_id
          )
        SQL;

    public function __construct(private readonly CarryOut $carryOut, private readonly JudgeListings $judge)
    {
    }

    public function handle(StepTakenBack $step): void
    {
        FollowVariants::where($step->listings);
        $decided = DriftChange::query()->where('change_id', $step->change->id)->whereIn('listing_id', $step->listings)
            ->whereNotNull('stood')->with(['listing', 'listingVariant'])->orderBy('id')->get();
        $decided->isEmpty() || $this->reopen($decided, $step->change);
        DB::update(self::SETTLE_OTHERS, [PgArray::numbers($step->listings)]);
        foreach (DB::table('drift_rule_changes')->where('change_id', $step->change->id)->get() as $row) {
            SupplierConnection::query()->whereKey($row->connection_id)->update(['policies' => $row->before]);
        }
        DB::table('drift_rule_changes')->where('change_id', $step->change->id)->delete();
        $this->judge->thatCameBack(Stall::query()->findOrFail($step->change->stall_id), $step->listings);
        JudgeListings::count($step->listings);
    }

    /** @param  Collection<int, DriftChange>  $decided */
    private function reopen(Collection $decided, BenchChange $step): void
    {
        $items = SupplierItem::query()->with('words')->whereKey($decided->pluck('supplier_item_id')->unique())->get()
            ->keyBy('id');
        $said = array_map(static fn (SupplierItem $item): ?Item => $item->words?->item(), $items->all());
        $listings = array_values(array_unique(array_map(intval(...), $decided->pluck('listing_id')->all())));
        $waited = Snapshot::waited($step, $listings);
        DriftChange::query()->whereKey($this->asking($decided))->update(self::ONE);
        DriftChange::query()->whereKey($decided->modelKeys())->update(['standing' => DB::raw('stood')] + self::ANEW);
        $waits = [];
        foreach ($decided->where('stood', Standing::Asks) as $change) {
            // By now, whatever became of it after it was decided.
            $change->forceFill(['standing' => Standing::Asks])->syncOriginal();
            $item = $items->get($change->supplier_item_id);
            $now = $said[$change->supplier_item_id] ?? null;
            if ($item !== null && $now !== null && ! self::holds($change, $item, $now)) {
                $change->update(['after' => self::after($change, $now)] + DriftChange::TAKEN_BACK);
                $this->carryOut->letGo($change);

                continue;
            }
            $waits[] = $change;
            $now === null || $this->bringUpToDate($change, $now);
        }
        $this->carryOut->putBy($waits, $waited);
    }

    /**
     * @param  Collection<int, DriftChange>  $decided
     * @return list<int> what asks of the same by now
     */
    private function asking(Collection $decided): array
    {
        $same = $decided->mapWithKeys(static fn (DriftChange $change): array => [self::about($change) => true])->all();
        $asks = DriftChange::query()->whereIn('listing_id', $decided->pluck('listing_id')->unique()->values())
            ->where('standing', Standing::Asks)->get()
            ->filter(static fn (DriftChange $change): bool => isset($same[self::about($change)]));

        return array_values(array_map(intval(...), $asks->modelKeys()));
    }

    /** The same of a change and of what undoes it. */
    private static function about(DriftChange $change): string
    {
        $kinds = [$change->kind->value, $change->kind->opposite()->value ?? $change->kind->value];

        return implode(' ', [$change->listing_id, $change->supplier_item_id, min($kinds), $change->variant]);
    }

    private static function after(DriftChange $change, Item $now): string
    {
        return Drift::told($now, $change->kind, $change->variant) ?? $change->after;
    }

    /** What is asked again is what its supplier says by now. */
    private function bringUpToDate(DriftChange $change, Item $now): void
    {
        $after = self::after($change, $now);
        if ($after !== $change->after) {
            [$was, $is] = [$change->said, Drift::said($now, $change->kind, $change->variant)];
            $change->update([
                'after' => $after,
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
            ChangeKind::VariantNew => $now->variant($change->variant) !== null,
            ChangeKind::ItemGone, ChangeKind::ItemRenamed => ! $offered,
            ChangeKind::ItemBack => $offered,
            default => true,
        };
    }
}
