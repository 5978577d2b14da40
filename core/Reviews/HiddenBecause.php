<?php

declare(strict_types=1);

namespace WindowStall\Core\Reviews;

/** For which reasons a stall may hide a review; that it isn't good is none. */
enum HiddenBecause: string
{
    case OtherGoods = 'other';
    case Personal = 'personal';
    case Abuse = 'abuse';
    case Unlawful = 'unlawful';
    case Advertises = 'advertises';
    case Asked = 'asked';

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::OtherGoods => 'it isn’t about these goods',
            self::Personal => 'it tells things about somebody who can be known by them',
            self::Abuse => 'it abuses somebody',
            self::Unlawful => 'the law forbids what it says or shows',
            self::Advertises => 'it advertises something else',
            self::Asked => 'who wrote it asked for that',
        };
    }
}
