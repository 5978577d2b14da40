<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What a new stall begins with, and which of its first steps are left out. */
return new class extends Migration
{
    private const SQL = <<<'SQL'
        ALTER TABLE stalls
            ADD COLUMN begins_with character varying(8),
            ADD COLUMN steps_skipped jsonb DEFAULT '[]' NOT NULL;
        COMMENT ON COLUMN stalls.begins_with IS 'core/Opening/Steps/Beginning; null: nobody said yet';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::SQL);
    }
};
