<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What search engines and messengers read of a shop's pages, as a rehearsal found them. */
return new class extends Migration
{
    private const SQL = <<<'SQL'
        ALTER TABLE rehearsals ADD COLUMN seen jsonb DEFAULT '[]' NOT NULL;
        COMMENT ON COLUMN rehearsals.seen IS 'The heads of pages, core/Opening/Seen/SeenPage';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::SQL);
    }
};
