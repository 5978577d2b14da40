<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Connections get settings, a schedule and a pause; runs say what they left out, and can be other long work than a
 * pull.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            // What the kind of supplier needs to know besides address and secrets, such as the mapping of a file's
            // columns.
            $table->jsonb('settings')->default('{}');
            $table->string('schedule', 10)->default('nightly');
            $table->timestamp('next_pull_at')->nullable();
            $table->unsignedSmallInteger('failures')->default(0);
            $table->timestamp('paused_at')->nullable();
            $table->timestamp('disconnected_at')->nullable();
            $table->index('next_pull_at');
        });
        Schema::table('runs', function (Blueprint $table): void {
            $table->string('kind', 10)->default('pull');
            // What the run works on, such as the market that is landed.
            $table->jsonb('subject')->default('{}');
            $table->unsignedInteger('rejects')->default(0);
            // Sentences about what was noticed, such as a renamed column.
            $table->jsonb('notes')->default('[]');
            $table->foreignId('connection_id')->nullable()->change();
        });
        Schema::create('run_rejects', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('run_id')->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('row');
            $table->string('column', 120);
            $table->string('value', 200);
            $table->string('reason', 200);
            $table->index(['run_id', 'row']);
        });
        // Which items a pull that is under way has met; what it hasn't met when it ends is gone. Needn't survive a
        // crash: the pull wouldn't either.
        DB::statement('CREATE UNLOGGED TABLE run_seen (run_id bigint NOT NULL, external_id varchar(80) NOT NULL)');
        DB::statement('CREATE INDEX run_seen_run ON run_seen (run_id)');
        // Text rather than binary: the order of a supplier's options is part of what it said, and nothing is searched
        // inside.
        DB::statement('ALTER TABLE supplier_words ALTER COLUMN said TYPE json USING said::json');
    }
};
