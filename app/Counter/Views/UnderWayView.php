<?php

declare(strict_types=1);

namespace WindowStall\Counter\Views;

/** What one supplier sends for one order, on a line from paid to promised. Places are of a thousand. */
final readonly class UnderWayView
{
    /**
     * @param  string  $tone  fine, slow, amiss or there
     * @param  string  $note  "refused", "stands still for 4 days", "there a day early"; "" where all is well
     */
    public function __construct(
        public int $order,
        public int $number,
        public string $goods,
        public string $supplier,
        public string $tone,
        public int $paid,
        public ?int $posted,
        public ?int $promised,
        public ?int $there,
        public string $note,
    ) {
    }
}
