<?php

declare(strict_types=1);

namespace WindowStall\Core\Shelves;

/** How far two shelves hold the same goods. */
final class Overlap
{
    /** From this share up, two shelves are nearly the same; basis points. */
    public const NEARLY_SAME_BP = 8_000;

    /** Under so many goods a shelf is nearly empty. */
    public const FEW = 3;

    /**
     * Jaccard's index: what both hold over what either does.
     *
     * @return int basis points; 0 where neither holds anything
     */
    public static function ofBp(int $both, int $one, int $other): int
    {
        $either = $one + $other - $both;

        return $either === 0 ? 0 : intdiv($both * 10_000, $either);
    }

    public static function nearlySame(int $both, int $one, int $other): bool
    {
        return self::ofBp($both, $one, $other) >= self::NEARLY_SAME_BP;
    }
}
