<?php

declare(strict_types=1);

namespace WindowStall\Core\Dispatch\Following;

/** What a carrier tells of a parcel. */
enum ParcelEventKind: string
{
    case Taken = 'taken';
    case Moved = 'moved';
    case OnTheRound = 'round';
    case Missed = 'missed';
    case There = 'there';
    case GoesBack = 'back';
    case Lost = 'lost';

    /** As the seller reads it, before the name of a place. */
    public function words(): string
    {
        return match ($this) {
            self::Taken => 'taken in',
            self::Moved => 'on its way',
            self::OnTheRound => 'brought today',
            self::Missed => 'nobody was in',
            self::There => 'there',
            self::GoesBack => 'goes back to the sender',
            self::Lost => 'lost',
        };
    }
}
