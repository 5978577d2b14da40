<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Runs give a sign of life, know the job that does them, and are found when they fall silent. */
return new class extends Migration
{
    /** name → parameters and query; each gives the stall's number and the row's, and nothing else */
    private const SWEEPS = [
        'silent_runs(beat_before timestamp)' => <<<'SQL'
            SELECT stall_id, id FROM runs WHERE state = 'running' AND coalesce(beat_at, started_at, created_at) < beat_before
            SQL
        ,
        'open_runs()' => <<<'SQL'
            SELECT stall_id, id FROM runs WHERE state IN ('waiting', 'running')
            SQL
        ,
        'forgotten_runs(asked_before timestamp)' => <<<'SQL'
            SELECT stall_id, id FROM runs WHERE state = 'waiting' AND coalesce(beat_at, created_at) < asked_before
            SQL
        ,
        'connections_due(at timestamp, most int)' => <<<'SQL'
            SELECT stall_id, id FROM supplier_connections c
            WHERE paused_at IS NULL AND disconnected_at IS NULL
              AND (
                  next_pull_at <= at
                  -- Its next time was never set: whatever was to set it broke off.
                  OR next_pull_at IS NULL AND pulled_at IS NOT NULL AND schedule <> 'by_hand'
                      AND NOT EXISTS (SELECT 1 FROM runs r WHERE r.connection_id = c.id AND r.state IN ('waiting', 'running'))
              )
            ORDER BY next_pull_at NULLS FIRST LIMIT most
            SQL
        ,
        'listings_without_pictures(waiting_since timestamp, most int)' => <<<'SQL'
            SELECT DISTINCT stall_id, listing_id FROM pictures
            WHERE state = 'waiting' AND listing_id IS NOT NULL AND updated_at < waiting_since LIMIT most
            SQL
        ,
    ];

    public function up(): void
    {
        Schema::table('runs', function (Blueprint $table): void {
            $table->timestamp('beat_at')->nullable();
            // The class that does it, so that it can be taken up again.
            $table->string('job', 120)->nullable();
            $table->unsignedSmallInteger('taken_up')->default(0);
        });
        DB::statement("CREATE INDEX runs_open ON runs (state) WHERE state IN ('waiting', 'running')");
        DB::statement("CREATE INDEX pictures_waiting ON pictures (updated_at) WHERE state = 'waiting'");
        foreach (self::SWEEPS as $function => $sql) {
            DB::statement(
                "CREATE OR REPLACE FUNCTION $function RETURNS TABLE (stall bigint, number bigint) LANGUAGE sql ".
                    "STABLE SECURITY DEFINER SET search_path = public, pg_temp AS \$body\$ $sql \$body\$",
            );
        }
    }
};
