<?php

declare(strict_types=1);

namespace WindowStall\Print\Views;

/** Something found about what lies on a blank. */
final readonly class PrintFindingView
{
    /**
     * @param  string  $weight  "stops", "look" or "fine"
     * @param  string  $of  the artwork it is about
     * @param  string  $hits  "It hits 16 of 48 variants."
     * @param  string|null  $mend  what the button that mends it says
     */
    public function __construct(
        public int $n,
        public string $weight,
        public string $area,
        public string $of,
        public string $short,
        public string $rest,
        public string $hits,
        public ?string $mend,
    ) {
    }
}
