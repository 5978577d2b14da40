<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use WindowStall\Stall\Stall;

/** By which the shop knows a rehearsal: what is done with it is seen by nobody else, and is no order. */
final class RehearsalPass
{
    public const NAME = 'rehearsal';

    private const MINUTES = 10;

    public static function of(Stall $stall): string
    {
        return SignedPass::write(self::NAME, $stall, self::MINUTES);
    }

    /** An address for what comes with a pass, of those that belong to nobody (RFC 3849). */
    public static function address(Request $request, Stall $stall): string
    {
        $pass = hash('sha256', $stall->id.' '.$request->cookies->get(self::NAME));

        return '2001:db8:'.implode(':', str_split(substr($pass, 0, 24), 4));
    }

    public static function holds(Request $request, Stall $stall): bool
    {
        return SignedPass::holds(self::NAME, $request, $stall);
    }
}
