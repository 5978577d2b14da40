<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

/** One thing the supplier says differently than when the seller last agreed. */
final readonly class Change
{
    /**
     * @param  string|null  $variantId  the supplier's id, when the change is about one variant
     * @param  string  $before  as a person reads it
     * @param  string  $after  as a person reads it
     * @param  string|int|list<string>|null  $said  what was said before, as it was: what stands while it waits
     * @param  int|null  $movedBp  how far a cost moved, in basis points of what it was
     */
    public function __construct(
        public ChangeKind $kind,
        public ?string $variantId,
        public string $about,
        public string $before,
        public string $after,
        public string|int|array|null $said = null,
        public ?int $movedBp = null,
    ) {
    }
}
