<?php

declare(strict_types=1);

namespace WindowStall\Bench\Pictures;

use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Makes pictures that no supplier has, such as of printed goods; whoever makes the goods makes them. */
interface MakesPictures
{
    /** Whether a picture with that source is made here. */
    public function makes(string $source): bool;

    /** What it shows, from facts: "Leek in ink on the heavy cotton tee in Oat, lying flat". */
    public function alt(Stall $stall, string $source): string;

    /**
     * @return string the picture's file
     *
     * @throws Refusal
     */
    public function bytes(Stall $stall, string $source): string;
}
