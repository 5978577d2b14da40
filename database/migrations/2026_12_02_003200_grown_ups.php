<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Goods that are sold to grown-ups only, and what shoppers said of their age. */
return new class extends Migration
{
    private const COLUMNS = <<<'SQL'
        ALTER TABLE listings ADD COLUMN own_grown_up boolean DEFAULT false NOT NULL;
        ALTER TABLE orders ADD COLUMN said_age smallint;
        COMMENT ON COLUMN orders.said_age IS 'Of which age or older its shopper said to be, where that was asked';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::COLUMNS);
    }
};
