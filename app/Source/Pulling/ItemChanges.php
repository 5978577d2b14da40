<?php

declare(strict_types=1);

namespace WindowStall\Source\Pulling;

use WindowStall\Core\Source\Item;

/**
 * Items as a supplier says them now, told from what it said before.
 *
 * @phpstan-type ChangedItem array{item: Item, hash: string, said: string, renamed: bool}
 */
final readonly class ItemChanges
{
    /**
     * @param  list<ChangedItem>  $changed  those that are new or say something else
     * @param  array{new: int, changed: int, same: int}  $counts
     * @param  list<string>  $ids  the supplier's ids of all of them
     * @param  array<string, string>  $raw  item's id → a hash of it as it came
     */
    public function __construct(public array $changed, public array $counts, public array $ids, public array $raw = [])
    {
    }

    /** @param  list<string>  $ids  of items that are known to be the same without having been read */
    public static function same(array $ids): self
    {
        return new self([], ['new' => 0, 'changed' => 0, 'same' => count($ids)], $ids);
    }

    /** Both together. */
    public function and(self $other): self
    {
        return new self(
            [...$this->changed, ...$other->changed],
            [
                'new' => $this->counts['new'] + $other->counts['new'],
                'changed' => $this->counts['changed'] + $other->counts['changed'],
                'same' => $this->counts['same'] + $other->counts['same'],
            ],
            [...$this->ids, ...$other->ids],
            $this->raw + $other->raw,
        );
    }
}
