<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * What dressing a window needs besides the working copy: what was saved and by whom, versions with names and days to
 * come, addresses for others to look at it, looks that are kept, and the addresses shoppers leave.
 */
return new class extends Migration
{
    private const TABLES = ['window_saves', 'window_previews', 'stall_looks', 'sign_ups'];

    private const TO_TURN = <<<'SQL'
        CREATE OR REPLACE FUNCTION windows_to_turn(at timestamp, most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, stall_id
            FROM windows
            WHERE turns_at <= at
            ORDER BY turns_at
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        Schema::create('window_saves', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('version');
            $table->jsonb('content');
            $table->foreignId('saved_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('saved_at');
            $table->primary(['stall_id', 'version']);
            $table->index('saved_by');
        });
        Schema::create('window_previews', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('secret_hash', 64)->unique();
            $table->string('for', 60);
            $table->foreignId('made_by')->nullable()->constrained('users')->nullOnDelete();
            $table->timestamp('created_at');
            $table->timestamp('ended_at')->nullable();
            $table->index(['stall_id', 'id']);
            $table->index('made_by');
        });
        Schema::create('stall_looks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->jsonb('look');
            $table->timestamps();
            $table->index(['stall_id', 'id']);
        });
        Schema::create('sign_ups', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('email', 200);
            $table->string('consent', 200);
            $table->string('source', 60);
            $table->timestamp('agreed_at');
            $table->unique(['stall_id', 'email']);
        });
        Schema::table('window_revisions', function (Blueprint $table): void {
            $table->string('name', 60)->nullable();
            // When it is to be published; empty once it was, and for what is only kept.
            $table->timestamp('due_at')->nullable();
            $table->timestamp('published_at')->nullable()->change();
            $table->timestamp('made_at')->nullable();
        });
        DB::statement('UPDATE window_revisions SET made_at = published_at');
        // When what shoppers see changes next by the calendar alone.
        Schema::table('windows', fn (Blueprint $table) => $table->timestamp('turns_at')->nullable()->index());
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE $table ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $table USING (stall_id = (SELECT current_stall()))");
        }
        DB::statement(self::TO_TURN);
    }
};
