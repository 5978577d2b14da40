<?php

declare(strict_types=1);

namespace WindowStall\Support;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * The tables an area begins with, as SQL in database/tables. What changes them later is a migration of its own; the files
 * stay as they are.
 */
final class AreaTables
{
    /** The first and the last of 87 migrations that made the same tables step by step. */
    private const FIRST_OF_BEFORE = '2026_11_25_000100_framework';

    private const LAST_OF_BEFORE = '2026_12_13_000300_changes_that_asked';

    /** Makes the tables of that area, unless the database holds them from before. */
    public static function make(string $area): void
    {
        $sql = (string) file_get_contents(database_path('tables/'.$area.'.sql'));
        $first = Str::match('/^CREATE (?:UNLOGGED )?TABLE (\w+)/m', $sql);
        if (DB::selectOne('SELECT to_regclass(?) AS here', [$first])->here === null) {
            DB::unprepared($sql);
        }
    }

    /**
     * Forgets the migrations of before, whose tables are those of today.
     *
     * @throws Refusal when the database didn't get to the last of them
     */
    public static function carryOver(): void
    {
        $before = DB::table('migrations')->whereBetween('migration', [self::FIRST_OF_BEFORE, self::LAST_OF_BEFORE]);
        if (! (clone $before)->where('migration', self::FIRST_OF_BEFORE)->exists()) {
            return;
        }
        if (! (clone $before)->where('migration', self::LAST_OF_BEFORE)->exists()) {
            throw new Refusal(
                'This database was last used by an older version of the program, whose tables can’t be taken over at '.
                    'once. Start the version of 1 December 2026 once (git checkout 1b636a6, then bin/start), then this one.',
            );
        }
        $known = array_keys(app('migrator')->getMigrationFiles([database_path('migrations'), ...app('migrator')->paths()]));
        $before->whereNotIn('migration', $known)->delete();
    }
}
