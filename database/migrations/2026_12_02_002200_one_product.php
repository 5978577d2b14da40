<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** A shop may sell one thing only: its front page is that thing's page. */
return new class extends Migration
{
    private const COLUMN = <<<'SQL'
        ALTER TABLE stalls ADD COLUMN only_listing_id bigint REFERENCES listings (id) ON DELETE SET NULL;
        CREATE INDEX stalls_only_listing_id_index ON stalls (only_listing_id);
        SQL;

    public function up(): void
    {
        DB::unprepared(self::COLUMN);
    }
};
