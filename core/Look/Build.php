<?php

declare(strict_types=1);

namespace WindowStall\Core\Look;

/**
 * How a page is built: how a masthead, a hero, goods and tiles stand in it. Each is a part of the shop’s stylesheet.
 */
enum Build: string
{
    case Packet = 'packet';
    case Label = 'label';
    case Lamp = 'lamp';
    case Barrow = 'barrow';
    case Plate = 'plate';
    case Enamel = 'enamel';
    case Timetable = 'timetable';
    case Plaster = 'plaster';

    /** The tone that the head of the page stands on. */
    public function head(): string
    {
        return match ($this) {
            self::Barrow => 'deep',
            self::Enamel => 'fill',
            default => 'ground',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Packet => 'an arch beside the words, goods two across',
            self::Label => 'a printed list, one thing a line',
            self::Lamp => 'words within the picture, goods on a strip to push along',
            self::Barrow => 'huge words, prices larger than names',
            self::Plate => 'one thing at a time, framed, with a caption',
            self::Enamel => 'wide cards with coloured shadows',
            self::Timetable => 'a table with days and prices',
            self::Plaster => 'large round pictures, few words',
        };
    }
}
