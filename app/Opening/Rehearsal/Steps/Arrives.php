<?php

declare(strict_types=1);

namespace WindowStall\Opening\Rehearsal\Steps;

use WindowStall\Core\Opening\Rehearsal\StepKind;
use WindowStall\Core\Words\Plural;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Jobs\FollowParcel;
use WindowStall\Opening\Rehearsal\OrderLetters;
use WindowStall\Opening\Rehearsal\Step;
use WindowStall\Opening\Rehearsal\Stuck;
use WindowStall\Opening\Rehearsal\Untested;
use WindowStall\Opening\Rehearsal\Visit;

/** It is posted, tracked, and there. */
final readonly class Arrives implements Step
{
    public function kind(): StepKind
    {
        return StepKind::There;
    }

    public function __invoke(Visit $visit): string
    {
        $order = $visit->order();
        $parcels = Parcel::query()->where('order_id', $order->id)->orderBy('id')->get();
        if ($parcels->isEmpty()) {
            throw new Untested('Nothing was posted as a test');
        }
        foreach ($parcels->whereNotNull('tracking') as $parcel) {
            FollowParcel::dispatchSync($parcel->id);
        }
        $found = Parcel::query()->whereKey($parcels->modelKeys())->get();
        if ($found->every(static fn (Parcel $parcel): bool => $parcel->tracking === null)) {
            return 'Posted; its supplier says no number to track it by';
        }
        $lost = $found->first(static fn (Parcel $parcel): bool => $parcel->tracking !== null && $parcel->there_at === null);
        if ($lost !== null) {
            throw new Stuck('The carrier doesn’t say where the parcel is.', $lost->carrier.' '.$lost->tracking);
        }
        $letters = count(OrderLetters::of($order));

        return sprintf('Posted, tracked, there; %s in all', Plural::spoken($letters, 'letter'));
    }
}
