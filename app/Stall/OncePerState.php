<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\Cache;

/**
 * What is made once for each state of a shop, such as what stands on every page of it. It is kept beside the state it
 * was made for; the next state takes its place.
 */
final class OncePerState
{
    /** Seconds it is kept where the shop doesn't change before. */
    private const KEPT = 3_600;

    private static bool $afresh = false;

    /**
     * Makes everything anew meanwhile and keeps none of it: where the state isn't committed yet.
     *
     * @template T
     *
     * @param  callable(): T  $do
     * @return T
     */
    public static function afresh(callable $do): mixed
    {
        self::$afresh = true;
        try {
            return $do();
        } finally {
            self::$afresh = false;
        }
    }

    /**
     * @template T of array
     *
     * @param  string  $also  what else it is made of, besides the shop as it stands
     * @param  callable(): T  $make
     * @return T
     */
    public static function of(Stall $stall, string $name, string $also, callable $make): array
    {
        if (self::$afresh) {
            return $make();
        }
        $state = ShopState::of($stall)->revision.' '.$also;
        $kept = Cache::get($name.' '.$stall->id);
        if (is_array($kept) && ($kept['state'] ?? '') === $state && isset($kept['made'])) {
            return $kept['made'];
        }
        $made = $make();
        Cache::put($name.' '.$stall->id, ['state' => $state, 'made' => $made], self::KEPT);

        return $made;
    }
}
