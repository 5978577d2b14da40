<?php

declare(strict_types=1);

namespace WindowStall\Opening\Views;

use WindowStall\Core\Opening\Left\MendedAt;
use WindowStall\Stall\Stall;

/** Where in the workshop something is mended. */
final class MendedPlace
{
    public static function address(Stall $stall, MendedAt $at): string
    {
        return route(self::name($at), $stall, absolute: false);
    }

    private static function name(MendedAt $at): string
    {
        return match ($at) {
            MendedAt::Source => 'source',
            MendedAt::Bench => 'bench',
            MendedAt::Board => 'pricing',
            MendedAt::Delivery => 'delivery',
            MendedAt::Taxes => 'taxes',
            MendedAt::Payment => 'counter.payment',
            MendedAt::Window => 'window',
            MendedAt::Pages => 'window.pages',
            MendedAt::Shelves => 'shelves',
            MendedAt::Letters => 'counter.mails',
            MendedAt::Opening => 'opening',
            MendedAt::Seen => 'opening.seen',
        };
    }
}
