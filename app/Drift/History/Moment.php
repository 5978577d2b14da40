<?php

declare(strict_types=1);

namespace WindowStall\Drift\History;

use Illuminate\Support\Carbon;

/** Something that was said of a listing, or came to be seen. */
final readonly class Moment
{
    /**
     * @param  'supplier'|'you'|'shopper'  $voice
     * @param  string  $about  what it was about, or what was done
     * @param  string  $came  what became of it
     * @param  int|null  $settable  the change by which what was before can be set back
     */
    public function __construct(
        public Carbon $at,
        public string $voice,
        public string $who,
        public string $about,
        public string $before = '',
        public string $after = '',
        public string $came = '',
        public ?int $settable = null,
    ) {
    }
}
