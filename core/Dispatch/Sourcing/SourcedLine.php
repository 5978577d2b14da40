<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Sourcing;

/** A line of an order and where it can come from. */
final readonly class SourcedLine
{
    /**
     * @param  int  $pieces  wanted, all from one source
     * @param  string|null  $promised  the last day its shopper was told, as YYYY-MM-DD
     * @param  list<Source>  $sources
     */
    public function __construct(public int $id, public int $pieces, public ?string $promised, public array $sources)
    {
    }

    /** @return list<Source> that have enough of it */
    public function able(): array
    {
        return array_values(array_filter($this->sources, fn (Source $source): bool => $source->pieces >= $this->pieces));
    }
}
