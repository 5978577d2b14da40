<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\Change;

/** One thing that is to be done, in the order in which it was decided. */
final readonly class Effect
{
    /** @param  Change|null  $change  what was said, where a new question is noted */
    public function __construct(
        public EffectKind $kind,
        public Question $question,
        public ?Sold $sold = null,
        public ?Change $change = null,
    ) {
    }
}
