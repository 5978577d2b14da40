<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/** An offer of which each new sign-up gets a code for one use, and to whom codes were given so that none gets a second. */
return new class extends Migration
{
    private const COLUMNS = <<<'SQL'
        ALTER TABLE codes ADD COLUMN for_sign_ups boolean DEFAULT false NOT NULL;
        CREATE UNIQUE INDEX codes_for_sign_ups_unique ON codes (stall_id) WHERE for_sign_ups;
        ALTER TABLE single_codes ADD COLUMN given_to varchar(64);
        CREATE UNIQUE INDEX single_codes_given_to_unique ON single_codes (stall_id, given_to) WHERE given_to IS NOT NULL;
        SQL;

    public function up(): void
    {
        DB::unprepared(self::COLUMNS);
    }
};
