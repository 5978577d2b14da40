<?php

declare(strict_types=1);

namespace WindowStall\Stall;

use Illuminate\Support\Facades\DB;
use WindowStall\Stall\Events\PagesWentStale;
use WindowStall\Support\PgArray;
use WindowStall\Support\Together;

/**
 * Notes which of a shop's ready pages something makes stale, in the transaction that changes it: with the change or not
 * at all. They are thrown away once it is committed.
 */
final class StalePages
{
    /** What stands on every page: look, menus, foot, terms. */
    public const FRAME = 'frame';

    /**
     * Pages of their own sections or of several goods: the front page, shelves, written pages; and all others, where the
     * look, a menu or the foot turns out to be another with them.
     */
    public const LISTS = 'lists';

    /** Begins the key of one of the goods: its own page and those that show it; the end of its address follows. */
    public const GOODS = 'goods:';

    private const NOTE = 'INSERT INTO stale_pages (stall_id, keys) VALUES (?, ?::text[])';

    /** Every page. */
    public static function frame(Stall $stall): void
    {
        self::note($stall->id, [self::FRAME]);
    }

    public static function lists(Stall $stall): void
    {
        self::note($stall->id, [self::LISTS]);
    }

    /** @param  list<string>  $slugs  the ends of the goods' addresses */
    public static function goods(Stall $stall, array $slugs): void
    {
        if ($slugs !== []) {
            $keys = array_map(static fn (string $slug): string => self::GOODS.$slug, $slugs);
            self::note($stall->id, [self::LISTS, ...$keys]);
        }
    }

    /** @param  list<string>  $keys */
    private static function note(int $stall, array $keys): void
    {
        DB::insert(self::NOTE, [$stall, PgArray::texts($keys)]);
        Together::afterwards('pages of '.$stall, static fn () => event(new PagesWentStale($stall)));
    }
}
