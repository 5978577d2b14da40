<?php

declare(strict_types=1);

namespace WindowStall\Core\Basket\Codes;

/** A code as shoppers type it: in any case, with spaces or dashes anywhere. */
final class TypedCode
{
    public const MOST = 40;

    /** @return string|null in capitals, letters and figures alone; null where nothing, too much or anything else is left */
    public static function read(string $typed): ?string
    {
        $code = mb_strtoupper((string) preg_replace('/[\s\p{Cc}\p{Cf}\p{Zs}_–—-]+/u', '', $typed));

        return preg_match('/^[\p{L}\p{N}]+$/uD', $code) === 1 && mb_strlen($code) <= self::MOST ? $code : null;
    }
}
