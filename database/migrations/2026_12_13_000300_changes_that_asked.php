<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Whether a change ever asked a person, also where it needn't any longer: rehearsals of rules count it. */
return new class extends Migration
{
    private const ASKED = <<<'SQL'
        UPDATE drift_changes
        SET asked = true
        WHERE COALESCE(stood, standing) IN ('asks', 'settled')
        SQL;

    public function up(): void
    {
        Schema::table('drift_changes', fn (Blueprint $table) => $table->boolean('asked')->default(false));
        DB::statement(self::ASKED);
    }

    public function down(): void
    {
        Schema::table('drift_changes', fn (Blueprint $table) => $table->dropColumn('asked'));
    }
};
