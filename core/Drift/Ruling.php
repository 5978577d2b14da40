<?php

declare(strict_types=1);

namespace WindowStall\Core\Drift;

use WindowStall\Core\Facts\FactName;
use WindowStall\Core\Facts\FloorPolicy;
use WindowStall\Core\Facts\Policies;
use WindowStall\Core\Facts\Policy;

/** What becomes of a change, and by which rule. The one place where that is decided. */
final readonly class Ruling
{
    /**
     * By how much a price may move and nobody is asked, in basis points; what shoppers see shouldn't leap overnight.
     */
    public const LEAP = 3_000;

    private function __construct(public Standing $standing, public string $rule)
    {
    }

    public static function on(ChangeKind $kind, Policies $policies, Circumstances $how): self
    {
        $fact = $kind->fact();
        if ($fact === FactName::Cost) {
            return self::cost($policies, $how);
        }
        if ($how->held) {
            return new self(Standing::Kept, $fact === FactName::Delivery ? 'your price is held' : 'yours is held');
        }

        return self::byPolicy($policies, $fact);
    }

    /**
     * What becomes of a cost that was let through, once it is known where the price goes: one that leaps asks after
     * all, as when the cost comes into reach of another recipe.
     *
     * @param  int  $was  the price before, in minor units
     * @param  int  $is  and now
     */
    public static function onPrice(int $was, int $is): ?self
    {
        return $was > 0 && abs($is - $was) * 10_000 > $was * self::LEAP
            ? new self(Standing::Asks, 'the price would leap by '.(int) round((abs($is - $was) * 100) / $was).'%')
            : null;
    }

    /**
     * What becomes of a cost that isn't followed, once it is known that the price that stands falls under its floor.
     *
     * @param  Standing  $stands  as it was ruled before that was known
     */
    public static function underFloor(Standing $stands, Policies $policies): self
    {
        return match ($policies->floor) {
            FloorPolicy::Raise => new self(
                Standing::Followed,
                'your price would fall under its floor: raised by the recipe',
            ),
            FloorPolicy::Pause => new self($stands, 'your price falls under its floor: not sold meanwhile'),
            FloorPolicy::Ask => new self(Standing::Asks, 'your price falls under its floor'),
        };
    }

    private static function cost(Policies $policies, Circumstances $how): self
    {
        $policy = $policies->for(FactName::Cost);
        $stays = $how->held || $policy === Policy::Keep;
        $beyond = $how->movedBp !== null && abs($how->movedBp) > $policies->bandBp;

        return match (true) {
            $stays && $how->underFloor => self::underFloor(Standing::Kept, $policies),
            $how->held => new self(Standing::Kept, 'your price is held'),
            $policy === Policy::Follow && $beyond => new self(
                Standing::Asks,
                'it moved by more than '.$policies->bandWords(),
            ),
            $policy === Policy::Follow => new self(Standing::Followed, 'within '.$policies->bandWords()),
            default => self::byPolicy($policies, FactName::Cost),
        };
    }

    private static function byPolicy(Policies $policies, FactName $fact): self
    {
        $policy = $policies->for($fact);
        $standing = match ($policy) {
            Policy::Follow => Standing::Followed,
            Policy::Ask => Standing::Asks,
            Policy::Keep => Standing::Kept,
        };

        return new self($standing, sprintf('%s: %s (%s)', $fact->words(), $policy->words(), $policies->whence($fact)));
    }
}
