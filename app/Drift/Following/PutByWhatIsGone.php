<?php

declare(strict_types=1);

namespace WindowStall\Drift\Following;

use Illuminate\Support\Facades\DB;
use WindowStall\Bench\Listing;
use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;
use WindowStall\Drift\Deciding\CarryOut;
use WindowStall\Drift\DriftChange;
use WindowStall\Drift\Rules\Rules;
use WindowStall\Runs\Run;
use WindowStall\Runs\RunKind;
use WindowStall\Runs\RunState;
use WindowStall\Source\SupplierConnection;
use WindowStall\Stall\Stall;

/** What was gone in so many pulls one after the other is put by, with the reason, though nobody said so. */
final readonly class PutByWhatIsGone
{
    public function __construct(private CarryOut $carryOut)
    {
    }

    /** @return list<int> the listings that it changed */
    public function __invoke(Stall $stall, SupplierConnection $connection, Run $run): array
    {
        $listings = [];
        $done = $this->done($connection, $run);
        $gone = DriftChange::query()->with(['listing', 'listingVariant'])->where('stall_id', $stall->id)
            ->where('connection_id', $connection->id)->where('standing', Standing::Asks)
            ->whereIn('kind', [ChangeKind::VariantGone, ChangeKind::ItemGone])->whereHas('listing')->lazyById(200);
        foreach ($gone as $change) {
            $most = Rules::for($stall, $connection, $change->listing)->afterPulls;
            $pulls = 1 + count(array_filter($done, static fn (int $id): bool => $id >= (int) $change->run_id));
            if ($most === 0 || $pulls < $most) {
                continue;
            }
            DB::transaction(function () use ($stall, $change, $pulls): void {
                Listing::lock($stall, [$change->listing_id]);
                ($this->carryOut)($stall, $change, true);
                $change->update([
                    'standing' => Standing::Followed,
                    'rule' => sprintf('gone in %d pulls one after the other', $pulls),
                ]);
                JudgeListings::count([$change->listing_id]);
            });
            $listings[] = $change->listing_id;
        }

        return array_values(array_unique($listings));
    }

    /** @return list<int> the pulls before the one that is under way, as many as any rule asks for */
    private function done(SupplierConnection $connection, Run $run): array
    {
        $done = $connection->runs()->where('kind', RunKind::Pull)->where('state', RunState::Done)
            ->whereKeyNot($run->id)->whereNull('subject->item')
            ->orderByDesc('id')->limit(Policies::MOST_PULLS)->pluck('id');

        return array_values(array_map(intval(...), $done->all()));
    }
}
