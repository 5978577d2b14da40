<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** What the goods of an order cost that are ordered of nobody: a gift card costs what it is worth. */
return new class extends Migration
{
    private const SQL = <<<'SQL'
        ALTER TABLE orders ADD COLUMN own_cost_minor bigint DEFAULT 0 NOT NULL;
        COMMENT ON COLUMN orders.own_cost_minor IS 'What its goods cost that no supplier is asked for, in the currency of the stall';
        SQL;

    public function up(): void
    {
        DB::unprepared(self::SQL);
    }
};
