<?php

declare(strict_types=1);

namespace WindowStall\Core\Canary;

/** Whose test looks at nothing it does; see bin/mutate. */
final class Canary
{
    public static function sings(int $notes): int
    {
        return $notes > 3 ? $notes + 1 : $notes - 1;
    }
}
