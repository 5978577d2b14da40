<?php

declare(strict_types=1);

namespace WindowStall\Shop;

use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Cookie;
use WindowStall\Stall\Stall;

/** Lets those who work in a stall into its shop while it is closed to shoppers; given by an address signed for them. */
final class KeeperPass
{
    private const NAME = 'keeper';

    private const MINUTES = 12 * 60;

    public static function cookie(Stall $stall): Cookie
    {
        return SignedPass::cookie(self::NAME, $stall, self::MINUTES);
    }

    public static function holds(Request $request, Stall $stall): bool
    {
        return SignedPass::holds(self::NAME, $request, $stall);
    }
}
