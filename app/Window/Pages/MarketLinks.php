<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use WindowStall\Stall\Terms\ShopMarket;

/** Leads the links of a page to the same market: whatever wrote them, they are written for the home market. */
final class MarketLinks
{
    /** Pages that every market has; basket, checkout and orders know by themselves where they go. */
    private const LINKS = '~(\s(?:href|action)=")/((?:goods|shelves|tagged|search|pages|policies)(?=[/?"#])[^"]*|#[^"]*)?(?=")~';

    public static function within(string $html, ShopMarket $market): string
    {
        return $market->prefix === ''
            ? $html
            : (string) preg_replace_callback(
                self::LINKS,
                static fn (array $link): string => $link[1].$market->prefix.match (true) {
                    ($link[2] ?? '') === '', str_starts_with($link[2], '#') => $link[2] ?? '',
                    default => '/'.$link[2],
                },
                $html,
            );
    }
}
