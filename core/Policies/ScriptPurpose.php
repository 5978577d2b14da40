<?php

declare(strict_types=1);

namespace WindowStall\Core\Policies;

/** What a script of somebody else is for. */
enum ScriptPurpose: string
{
    case Measure = 'measure';
    case Advertise = 'advertise';
    case Help = 'help';

    /** As the seller chooses it. */
    public function words(): string
    {
        return match ($this) {
            self::Measure => 'to count visits',
            self::Advertise => 'to advertise',
            self::Help => 'to help shoppers',
        };
    }
}
