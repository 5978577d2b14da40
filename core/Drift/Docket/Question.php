<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\ChangeKind;
use WindowStall\Core\Drift\Standing;

/** What became of one change of one listing; it goes on while the supplier says something else about the same. */
final class Question
{
    /**
     * @param  int  $item  the supplier item it is about
     * @param  string  $variant  the supplier's id, or empty for the item
     * @param  string|int|list<string>|null  $said  what was agreed, as it was said
     * @param  string  $after  what is said now, as a person reads it
     * @param  int|null  $movedBp  how far a cost moved, in basis points of what it was
     * @param  int|string|null  $sold  the variant of the listing it is about ({@see Sold::$key})
     */
    public function __construct(
        public readonly int $item,
        public readonly ChangeKind $kind,
        public readonly string $variant,
        public string|int|array|null $said,
        public string $after,
        public Standing $standing,
        public string $rule = '',
        public ?int $movedBp = null,
        public readonly int|string|null $sold = null,
    ) {
    }

    public function asks(): bool
    {
        return $this->standing === Standing::Asks;
    }

    /**
     * Whether it is done to the listing as soon as a rule lets it through: what changes a listing's make-up. Words, costs
     * and stock count by themselves.
     */
    public function carriesOut(): bool
    {
        $makeUp = [
            ChangeKind::VariantNew,
            ChangeKind::VariantGone,
            ChangeKind::ItemGone,
            ChangeKind::ItemBack,
            ChangeKind::VariantRenamed,
            ChangeKind::ItemRenamed,
        ];

        return $this->standing === Standing::Followed && in_array($this->kind, $makeUp, true);
    }
}
