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

    public static function holds(Request $request, Stall $stall): bool
    {
        return SignedPass::holds(self::NAME, $request, $stall);
    }
}
