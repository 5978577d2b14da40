<?php

declare(strict_types=1);

namespace WindowStall\Counter\Following;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use WindowStall\Core\Dispatch\Following\ParcelEvent;
use WindowStall\Core\Dispatch\Following\Track;
use WindowStall\Counter\Told\TellKind;
use WindowStall\Counter\Told\TellShopper;
use WindowStall\Hooks\HookEvent;
use WindowStall\Hooks\Tell;

/** Takes what a carrier told of a parcel: each event once, in whatever order; there only when the carrier says so. */
final class NoteTrack
{
    /** @param  list<ParcelEvent>  $told  all that the carrier knows of it */
    public function __invoke(Parcel $parcel, array $told): void
    {
        DB::transaction(function () use ($parcel, $told): void {
            $row = Parcel::query()->with('order.stall')->whereKey($parcel->id)->lockForUpdate()->firstOrFail();
            DB::table('parcel_events')->insertOrIgnore(array_map(static fn (ParcelEvent $event): array => [
                'stall_id' => $row->stall_id,
                'parcel_id' => $row->id,
                'key' => $event->key,
                'kind' => $event->kind->value,
                'place' => $event->place,
                'at' => Carbon::instance($event->at)->utc(),
            ], $told));
            $track = Track::of($row->events());
            $first = $row->there_at === null && $track->thereAt !== null;
            $row->update([
                'stands' => $track->last?->kind,
                'place' => $track->last->place ?? '',
                'moved_at' => $track->movedAt === null ? $row->moved_at : Carbon::instance($track->movedAt)->utc(),
                'there_at' => $track->thereAt === null ? null : Carbon::instance($track->thereAt)->utc(),
                'asked_at' => now(),
                'next_ask_at' => $track->thereAt === null ? Parcels::nextAsk($row) : null,
            ]);
            [$order, $stall] = [$row->order, $row->order?->stall];
            if ($first && $order !== null && $stall !== null) {
                TellShopper::of($order, TellKind::There, of: $row->id);
                Tell::of($stall, HookEvent::There, ParcelNews::of($order, $row));
            }
        }, attempts: 3);
    }
}
