<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Following;

use DateTimeImmutable;

/** Something a carrier told of a parcel. */
final readonly class ParcelEvent
{
    /** @param  string  $key  the carrier's, by which the same event is told from another */
    public function __construct(
        public string $key,
        public ParcelEventKind $kind,
        public DateTimeImmutable $at,
        public string $place = '',
    ) {
    }
}
