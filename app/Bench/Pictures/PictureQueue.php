<?php

declare(strict_types=1);

namespace WindowStall\Bench\Pictures;

/**
 * In which line the making of pictures waits. What somebody looks at comes first: what they sent, and the goods they took
 * to the bench. A stall with very many waiting goes with all the rest, so that none keeps the others waiting.
 */
final class PictureQueue
{
    public const FIRST = 'pictures-first';

    public const LATER = 'pictures';

    /** Pictures of one stall that may wait in the first line. */
    private const FAIR = 60;

    public static function of(int $stall): string
    {
        $waiting = Picture::query()
            ->where('stall_id', $stall)
            ->where('state', Picture::WAITING)
            ->limit(self::FAIR + 1)
            ->count();

        return $waiting > self::FAIR ? self::LATER : self::FIRST;
    }
}
