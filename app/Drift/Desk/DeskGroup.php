<?php

declare(strict_types=1);

namespace WindowStall\Drift\Desk;

use WindowStall\Core\Drift\ChangeGroup;
use WindowStall\Core\Drift\ChangeSentences;
use WindowStall\Core\Drift\GroupFigures;
use WindowStall\Core\Money\Money;

/** Changes of one supplier that are the same thing that happened. */
final readonly class DeskGroup
{
    /**
     * @param  Money|null  $keepWas  of a sale, on the average
     * @param  Money|null  $keepAgreed  the same if they count
     * @param  Money|null  $month  what that comes to on what was sold in {@see Desk::DAYS} days; negative where it
     *     costs
     * @param  int  $pieces  sold in those days
     * @param  string  $why  the rule by which most of them ask
     */
    public function __construct(
        public int $connection,
        public string $supplier,
        public ChangeGroup $group,
        public GroupFigures $figures,
        public ?Money $keepWas,
        public ?Money $keepAgreed,
        public ?Money $month,
        public int $pieces,
        public string $why,
    ) {
    }

    public function key(): string
    {
        return $this->connection.'-'.$this->group->value;
    }

    public function told(): ChangeSentences
    {
        return ChangeSentences::of($this->supplier, $this->group, $this->figures);
    }
}
