<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Keys of one letter can be turned off; what a person last did stands at the foot of every screen. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            $table->boolean('single_keys')->default(true);
        });
        DB::statement(<<<'SQL'
            CREATE INDEX bench_changes_last ON bench_changes (stall_id, user_id, id DESC) WHERE undone_at IS NULL
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP INDEX bench_changes_last');
        Schema::table('users', function (Blueprint $table): void {
            $table->dropColumn('single_keys');
        });
    }
};
