<?php

declare(strict_types=1);

namespace WindowStall\Drift;

use WindowStall\Bench\ProjectListings;
use WindowStall\Source\Events\SupplierSaidMore;
use WindowStall\Stall\Stall;

/**
 * Brings listings in step with what a supplier says: each change is judged, what listings show and cost is worked out
 * anew, and then what each change does in money.
 *
 * Done again, or taken up after it broke off, it comes to the same.
 */
final readonly class FollowSupplier
{
    public function __construct(private JudgeListings $judge, private ProjectListings $project, private ReckonChanges $reckon)
    {
    }

    public function handle(SupplierSaidMore $more): void
    {
        $stall = Stall::query()->findOrFail($more->connection->stall_id);
        ($this->judge)($stall, $more->connection, $more->run);
        KeepBack::of($more->connection);
        ($this->project)($stall, $more->item === null ? null : self::listings($stall, $more));
        $leapt = ($this->reckon)($stall);
        if ($leapt !== []) {
            ($this->project)($stall, $leapt);
            ($this->reckon)($stall);
        }
    }

    /** @return list<int> the listings that an item is in */
    private static function listings(Stall $stall, SupplierSaidMore $more): array
    {
        $item = $stall->items()->where('connection_id', $more->connection->id)->where('external_id', $more->item)->value('id');
        $ids = $stall->listings()->where(fn ($q) => $q->where('supplier_item_id', $item)
            ->orWhereHas('joined', fn ($q) => $q->where('supplier_item_id', $item))
            ->orWhereHas('variants.sources.supplierVariant', fn ($q) => $q->where('supplier_item_id', $item)))->pluck('id');

        return array_values(array_map(intval(...), $ids->all()));
    }
}
