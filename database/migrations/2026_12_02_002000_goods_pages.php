<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Pages of goods are dressed as written pages are: one for all goods, and others for those of a type or for a single one. */
return new class extends Migration
{
    private const TABLES = <<<'SQL'
        ALTER TABLE written_pages
            ADD COLUMN goods_type varchar(60),
            ADD COLUMN goods_listing_id bigint REFERENCES listings (id) ON DELETE CASCADE;
        CREATE INDEX written_pages_goods_listing_id_index ON written_pages (goods_listing_id);
        CREATE UNIQUE INDEX written_pages_goods ON written_pages (stall_id, goods_type, goods_listing_id)
            NULLS NOT DISTINCT
            WHERE kind = 'goods';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::TABLES);
    }
};
