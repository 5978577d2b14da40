<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

return new class extends Migration
{
    public function up(): void
    {
        DB::unprepared(<<<'SQL'
        ALTER TABLE written_pages ADD COLUMN dated_on date;
        COMMENT ON COLUMN written_pages.dated_on IS 'Of a note: the day it is of, by the stall''s clock';
        CREATE INDEX written_pages_notes ON written_pages (stall_id, dated_on DESC, id DESC)
            WHERE kind = 'note' AND shown IS NOT NULL AND NOT hidden;
        SQL);
    }

    public function down(): void
    {
        DB::unprepared('ALTER TABLE written_pages DROP COLUMN dated_on;');
    }
};
