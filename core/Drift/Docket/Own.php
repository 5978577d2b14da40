<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Source\Variant;

/** What of a listing is the seller's own word. */
final readonly class Own
{
    /** @param  array{option: string, values: list<string>}|null  $part  what the listing takes of an item that was split */
    public function __construct(
        public bool $title = false,
        public bool $words = false,
        public bool $pictures = false,
        public ?array $part = null,
    ) {
    }

    /** Whether the seller said this themselves. */
    public function holds(ChangeKind $kind, ?Sold $sold): bool
    {
        return match ($kind) {
            ChangeKind::Title => $this->title,
            ChangeKind::Words => $this->words,
            ChangeKind::Pictures => $this->pictures,
            ChangeKind::Cost, ChangeKind::Delivery => $sold?->byHand === true,
            default => false,
        };
    }

    /** Whether a new variant is of this listing's part. */
    public function takes(?Variant $new): bool
    {
        return $this->part === null
            || $new !== null && in_array($new->options[$this->part['option']] ?? '', $this->part['values'], true);
    }
}
