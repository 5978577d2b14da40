<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What the phone audit found on the front page when it was last looked at. */
return new class extends Migration
{
    private const SQL = <<<'SQL'
        ALTER TABLE windows ADD COLUMN audited jsonb;
        COMMENT ON COLUMN windows.audited IS 'The findings in words; null: it was never measured';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::SQL);
    }
};
