<?php

declare(strict_types=1);

namespace WindowStall\Delivery\Carrier;

use WindowStall\Core\Dispatch\Following\ParcelEvent;

/** Who can be asked where a parcel is. */
interface TracksParcels
{
    /**
     * @param  string  $carrier  as the supplier named it
     * @return list<ParcelEvent>|null all that is known of it; null where nobody answers, or the parcel isn't known there
     */
    public function events(string $carrier, string $tracking): ?array;
}
