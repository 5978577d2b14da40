<?php

declare(strict_types=1);

namespace WindowStall\Stall\Http;

use Illuminate\Http\Request;
use WindowStall\Stall\Stall;

/** The stall whose token a program asks with. */
final class TokensStall
{
    /** What a token has to be allowed to change anything. */
    private const WRITE = 'decide';

    public static function of(Request $request): Stall
    {
        $stall = $request->user();
        \assert($stall instanceof Stall);

        return $stall;
    }

    /** The same where its token may change things; else it is told that it may not. */
    public static function writing(Request $request, string $what): Stall
    {
        $stall = self::of($request);
        abort_unless($stall->tokenCan(self::WRITE), 403, sprintf('This token may read, and not change %s.', $what));

        return $stall;
    }
}
