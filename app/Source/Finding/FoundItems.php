<?php

declare(strict_types=1);

namespace WindowStall\Source\Finding;

/**
 * What a search came to: a page of items, where the pages beside it begin, and how many items each filter would leave.
 */
final readonly class FoundItems
{
    /**
     * @param  list<int>  $ids
     * @param  string|null  $instead  the words that were searched for instead, when those typed were mistyped
     */
    public function __construct(
        public array $ids,
        public ?PageKey $previous,
        public ?PageKey $next,
        public ItemCounts $counts,
        public ?string $instead = null,
    ) {
    }

    public function instead(?string $words): self
    {
        return new self($this->ids, $this->previous, $this->next, $this->counts, $words);
    }
}
