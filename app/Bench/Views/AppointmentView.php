<?php

declare(strict_types=1);

namespace WindowStall\Bench\Views;

/** One time at which something is done. */
final readonly class AppointmentView
{
    /**
     * @param  string  $at  "2026-12-12T14:00", by the stall's clock
     * @param  int  $taken  places that were paid for, or are being paid
     * @param  bool  $over  whether it began already
     */
    public function __construct(
        public string $at,
        public string $words,
        public int $places,
        public int $taken,
        public bool $over,
    ) {
    }
}
