<?php

declare(strict_types=1);

namespace WindowStall\Core\Source;

/** How goods of a stall's own reach their shopper, where nothing is posted. */
enum Giving: string
{
    /** A file, fetched by a link. */
    case Download = 'download';

    /** A code that pays for other goods: each variant is an amount. */
    case GiftCard = 'gift_card';

    /** Something done together at a time: each variant is one, its stock the places. */
    case Appointment = 'appointment';

    /** As the seller reads it. */
    public function words(): string
    {
        return match ($this) {
            self::Download => 'a file to download',
            self::GiftCard => 'a gift card',
            self::Appointment => 'something done at a time',
        };
    }
}
