<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** Which corner tags goods have, in which order; and since when goods that had sold out can be bought again. */
return new class extends Migration
{
    private const COLUMNS = <<<'SQL'
        ALTER TABLE stalls ADD COLUMN corner_tags jsonb DEFAULT '[]' NOT NULL;
        ALTER TABLE goods_facts ADD COLUMN back_since timestamp(0);
        SQL;

    public function up(): void
    {
        DB::unprepared(self::COLUMNS);
    }
};
