<?php

declare(strict_types=1);

namespace WindowStall\Core\Facts;

/** What becomes of a fact when the supplier changes it. */
enum Policy: string
{
    /** The supplier's new word counts at once. */
    case Follow = 'follow';

    /** The last agreed word stands until a person says. */
    case Ask = 'ask';

    /** The last agreed word stands, and nobody is asked. */
    case Keep = 'keep';

    public function words(): string
    {
        return match ($this) {
            self::Follow => 'follow',
            self::Ask => 'ask me',
            self::Keep => 'keep mine',
        };
    }
}
