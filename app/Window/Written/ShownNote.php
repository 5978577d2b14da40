<?php

declare(strict_types=1);

namespace WindowStall\Window\Written;

use Illuminate\Support\Carbon;
use WindowStall\Bench\Pictures\Picture;

/** A note as it stands in a list, in the language that is read. */
final readonly class ShownNote
{
    /**
     * @param  string  $day  "2 December 2026"
     * @param  Carbon  $on  that day
     * @param  string  $words  its first words, without markup
     * @param  Picture|null  $picture  the first of the stall's own that it shows
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $href,
        public string $day,
        public Carbon $on,
        public string $words,
        public ?Picture $picture,
        public Carbon $changed,
    ) {
    }
}
