<?php

declare(strict_types=1);

namespace WindowStall\Source\Connectors;

use WindowStall\Core\Feeds\Reject;
use WindowStall\Core\Feeds\RowCount;
use WindowStall\Core\Source\Item;

/** Some items of a catalogue, how many there are in all if the supplier says, and what couldn't be used. */
final readonly class CataloguePage
{
    /**
     * @param  list<Item>  $items
     * @param  list<Reject>  $rejects
     * @param  int|null  $rejected  how many couldn't be used in all, when more than those listed
     * @param  list<string>  $notes  sentences for the seller
     * @param  array<string, mixed>  $learnt  settings of the connection that the catalogue taught, such as a renamed
     *     column
     * @param  list<string>  $same  ids of items that came as they came last time, and weren't read
     * @param  array<string, string>  $raw  item's id → a hash of it as it came, where it can be known again by that
     * @param  RowCount|null  $rows  with the last page of a file: where all of its rows went
     * @param  bool  $asBefore  the whole catalogue came as it came last time
     */
    public function __construct(
        public array $items,
        public ?int $total = null,
        public array $rejects = [],
        public array $notes = [],
        public array $learnt = [],
        public ?int $rejected = null,
        public array $same = [],
        public array $raw = [],
        public bool $asBefore = false,
        public ?RowCount $rows = null,
    ) {
    }

    /**
     * The whole catalogue came as it came last time.
     *
     * @param  string  $note  how that is known, for the seller
     * @param  array<string, mixed>  $learnt  settings that it taught all the same
     */
    public static function asBefore(string $note, array $learnt = []): self
    {
        return new self([], notes: [$note], learnt: $learnt, asBefore: true);
    }

    /**
     * The same with goods that are made of these items.
     *
     * @param  list<Item>  $made
     * @param  int  $inAll  how many are made of all items
     */
    public function besides(array $made, int $inAll): self
    {
        return $made === [] && $inAll === 0
            ? $this
            : new self(
                [...$this->items, ...$made],
                $this->total === null ? null : $this->total + $inAll,
                $this->rejects,
                $this->notes,
                $this->learnt,
                $this->rejected,
                $this->same,
                $this->raw,
                $this->asBefore,
                $this->rows,
            );
    }
}
