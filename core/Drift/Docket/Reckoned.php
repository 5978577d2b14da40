<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift\Docket;

use WindowStall\Core\Drift\Ruling;
use WindowStall\Core\Drift\Standing;
use WindowStall\Core\Facts\Policies;

/**
 * What becomes of a change of a variant's cost once prices are made of it. One that was followed and makes the price
 * leap asks after all; where the price that stands falls under its floor, the rule about floors speaks. A price that the
 * recipe would raise by a leap asks, too; one by hand makes way for the recipe's however far that is.
 */
final readonly class Reckoned
{
    /**
     * @param  bool  $leaps  whether the price before stands until a person agrees
     * @param  bool  $raised  whether a price that stood makes way for the recipe's
     */
    private function __construct(
        public Standing $standing,
        public ?string $rule = null,
        public bool $leaps = false,
        public bool $raised = false,
    ) {
    }

    /**
     * @param  Standing  $stands  as it was ruled before prices were known
     * @param  bool  $byHand  whether the price is the seller's own
     * @param  int|null  $was  the price when the change came, in minor units
     * @param  int  $is  the price if it counts; nought where it isn't delivered
     * @param  bool  $underFloor  whether the price that stands falls under its floor, and the seller didn't allow it
     * @param  callable(): Policies  $policies  asked only where the rule about floors has to speak
     */
    public static function of(
        Standing $stands,
        bool $byHand,
        ?int $was,
        int $is,
        bool $underFloor,
        callable $policies,
    ): self {
        $now = $stands === Standing::Followed || ! $underFloor
            ? new self($stands)
            : self::underFloor($stands, Ruling::underFloor($stands, $policies()));
        $moves = $now->standing === Standing::Followed && ! $byHand && $was !== null && $is !== 0;
        $leap = $moves ? Ruling::onPrice($was, $is) : null;

        return $leap === null ? $now : new self($leap->standing, $leap->rule, leaps: true);
    }

    /** What asks already goes on asking for its own reason. */
    private static function underFloor(Standing $stands, Ruling $ruling): self
    {
        return $stands === Standing::Asks && $ruling->standing === Standing::Asks
            ? new self($stands)
            : new self($ruling->standing, $ruling->rule, raised: $ruling->standing === Standing::Followed);
    }
}
