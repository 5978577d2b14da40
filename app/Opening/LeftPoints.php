<?php

declare(strict_types=1);

namespace WindowStall\Opening;

use WindowStall\Core\Opening\Left\LeftPoint;

/** Every point there is: each class in core's folder of them, found by itself. */
final class LeftPoints
{
    private const NAMESPACE = 'WindowStall\\Core\\Opening\\Left\\Points\\';

    /** @return list<LeftPoint> in their order */
    public static function all(): array
    {
        $points = [];
        foreach (glob(base_path('core/Opening/Left/Points/*.php')) ?: [] as $file) {
            $class = self::NAMESPACE.basename($file, '.php');
            if (is_subclass_of($class, LeftPoint::class)) {
                $points[] = new $class;
            }
        }
        usort($points, static fn (LeftPoint $a, LeftPoint $b): int => $a->rank() <=> $b->rank());

        return $points;
    }
}
