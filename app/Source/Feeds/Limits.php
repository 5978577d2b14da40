<?php

declare(strict_types=1);

namespace WindowStall\Source\Feeds;

/** What a file may be at most, so that no file can fill the memory or the disk. */
final class Limits
{
    /** Bytes of a file as it comes. */
    public const FILE = 1_200_000_000;

    /** Bytes of a file unpacked. */
    public const UNPACKED = 4_000_000_000;

    /** How many times larger an archive may grow, once it is past {@see self::BOMB_FROM}. */
    public const GROWTH = 120;

    public const BOMB_FROM = 50_000_000;

    /** Bytes of one row of a table. */
    public const ROW = 1_000_000;

    /** Bytes of one record of XML or JSON, which may hold thousands of variants. */
    public const RECORD = 8_000_000;

    public const COLUMNS = 300;
}
