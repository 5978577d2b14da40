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

    /** @param  bool  $ofGood  a good's own picture, which stands whole on a desk rather than filling what there is */
    public static function hero(Build $build, bool $ofGood): string
    {
        return self::DESK.match ($build) {
            Build::Packet => ($ofGood ? 'min(42vw, 620px)' : '46vw').', 52vw',
            Build::Label => ($ofGood ? '44vw' : '50vw').', 100vw',
            Build::Timetable => ($ofGood ? '39vw' : '50vw').', 100vw',
            Build::Lamp => ($ofGood ? 'calc(50vw - 24px)' : 'calc(100vw - 48px)').', calc(100vw - 16px)',
            Build::Barrow => ($ofGood ? '42vw' : '46vw').', 100vw',
            Build::Plate => '390px, min(64vw, 270px)',
            Build::Enamel => ($ofGood ? '510px' : '568px').', calc(100vw - 30px)',
            Build::Plaster => ($ofGood ? '538px' : '598px').', calc(100vw - 24px)',
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
