<?php

declare(strict_types=1);

namespace WindowStall\Window\Pages;

use WindowStall\Core\Look\Build;

/**
 * How wide pictures are drawn that load at once, for <img sizes>: as the stylesheet of each build draws them. Those
 * that load as they are scrolled to are measured by the browser itself ("auto").
 */
final class PictureSpace
{
    /** Where the builds' stylesheets turn from a phone to a desk. */
    private const DESK = '(min-width: 860px) ';

    public static function hero(Build $build): string
    {
        return match ($build) {
            Build::Packet => self::DESK.'46vw, 52vw',
            Build::Label, Build::Timetable => self::DESK.'50vw, 100vw',
            Build::Lamp => self::DESK.'calc(100vw - 48px), calc(100vw - 16px)',
            Build::Barrow => self::DESK.'46vw, 100vw',
            Build::Plate => self::DESK.'390px, min(64vw, 270px)',
            Build::Enamel => self::DESK.'568px, calc(100vw - 30px)',
            Build::Plaster => self::DESK.'598px, calc(100vw - 24px)',
        };
    }

    /** Goods side by side. */
    public static function good(Build $build): string
    {
        return match ($build) {
            Build::Label => '104px',
            Build::Timetable => '46px',
            Build::Plate => self::DESK.'320px, 181px',
            Build::Enamel => self::DESK.'168px, 42vw',
            Build::Plaster => self::DESK.'349px, 57vw',
            Build::Barrow => self::DESK.'25vw, 50vw',
            Build::Packet, Build::Lamp => self::DESK.'272px, 46vw',
        };
    }
}
