<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Rehearsal;

use WindowStall\Core\Drift\Change;
use WindowStall\Core\Drift\ChangeKind;

/** What of a listing is the seller's own word. */
final readonly class Held
{
    /**
     * @param  array<string, int|null>  $prices  price by hand, in minor units, by the supplier's id of each variant the
     *     listing sells; null where a recipe makes it
     */
    public function __construct(
        public array $prices,
        public bool $title = false,
        public bool $words = false,
        public bool $pictures = false,
    ) {
    }

    public function sells(string $variant): bool
    {
        return array_key_exists($variant, $this->prices);
    }

    public function holds(Change $change): bool
    {
        return match ($change->kind) {
            ChangeKind::Title => $this->title,
            ChangeKind::Words => $this->words,
            ChangeKind::Pictures => $this->pictures,
            ChangeKind::Cost => ($this->prices[(string) $change->variantId] ?? null) !== null,
            default => false,
        };
    }
}
