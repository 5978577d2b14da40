<?php

declare(strict_types=1);

namespace WindowStall\Print\Placing;

use WindowStall\Core\Print\Placing\Fit;
use WindowStall\Core\Print\Placing\Placing;
use WindowStall\Print\Artwork\UsedArtworks;
use WindowStall\Stall\Stall;
use WindowStall\Support\Refusal;

/** Makes one piece as large as it goes between the safe lines, or so that it covers the area and its bleed. */
final class FitPiece
{
    /** @param  int  $number  of the piece on its area */
    public static function of(Stall $stall, Placed $placed, string $area, int $number, bool $fill): Placing
    {
        $placing = $placed->placing();
        $laid = $placing->on($area);
        $piece = $laid->pieces[$number] ?? null;
        $on = $placed->blank()->area($area);
        $facts = $piece === null ? null : (UsedArtworks::of($stall, $placing)->all[$piece->artwork] ?? null)?->read();
        if ($laid === null || $piece === null || $on === null || $facts === null) {
            throw new Refusal('That piece doesn’t lie there any more.');
        }
        $fitted = $fill ? Fit::fill($piece, $facts, $on) : Fit::within($piece, $facts, $on);

        return $placing->laying($laid->with(pieces: [$number => $fitted]));
    }
}
