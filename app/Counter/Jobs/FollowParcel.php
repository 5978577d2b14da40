<?php

declare(strict_types=1);

namespace WindowStall\Counter\Jobs;

use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use WindowStall\Counter\Following\NoteTrack;
use WindowStall\Counter\Following\Parcel;
use WindowStall\Counter\Following\Parcels;
use WindowStall\Delivery\Carrier\TracksParcels;

/** Asks a carrier where a parcel is. One that doesn't answer is asked again later. */
final class FollowParcel implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Queueable;

    public int $tries = 1;

    public int $timeout = 30;

    public int $uniqueFor = 300;

    public function __construct(public readonly int $parcelId)
    {
        $this->onQueue('orders');
    }

    public function uniqueId(): string
    {
        return (string) $this->parcelId;
    }

    public function handle(TracksParcels $carrier, NoteTrack $note): void
    {
        $parcel = Parcel::query()->whereNull('there_at')->find($this->parcelId);
        if ($parcel?->tracking === null) {
            return;
        }
        $told = $carrier->events($parcel->carrier, $parcel->tracking);
        if ($told === null) {
            $parcel->update(['asked_at' => now(), 'next_ask_at' => Parcels::nextAsk($parcel)]);

            return;
        }
        $note($parcel, $told);
    }
}
