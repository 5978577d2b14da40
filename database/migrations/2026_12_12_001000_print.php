<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Artwork, how it lies on blanks, the goods that are made of that, and the files a print house prints from. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('artworks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // The first version's number, its own for the first.
            $table->unsignedBigInteger('family_id')->nullable();
            $table->unsignedInteger('version')->default(1);
            $table->string('name', 120);
            $table->string('rights', 500)->default('');
            $table->string('state', 12);
            $table->string('trouble', 300)->default('');
            // As it was sent; what it is printed from; what is looked at.
            $table->string('original', 200);
            $table->string('master', 200)->nullable();
            $table->string('preview', 200)->nullable();
            $table->string('type', 40)->default('');
            $table->unsignedBigInteger('bytes');
            $table->char('sha256', 64);
            $table->jsonb('facts')->nullable();
            $table->jsonb('notes')->default('[]');
            $table->timestamp('removed_at')->nullable();
            $table->timestamps();
            $table->index(['stall_id', 'family_id', 'version']);
            $table->index(['stall_id', 'sha256']);
        });
        Schema::table('supplier_items', function (Blueprint $table): void {
            // Goods that are made here of an item: of a blank with artwork on it.
            $table->foreignId('made_from_id')->nullable()->constrained('supplier_items')->nullOnDelete();
            $table->index('made_from_id');
        });
        Schema::create('placings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_item_id')->constrained()->restrictOnDelete();
            $table->foreignId('made_item_id')->nullable()->constrained('supplier_items')->nullOnDelete();
            $table->string('name', 200);
            $table->jsonb('laid');
            // The blank's areas as they were when it was laid: what changed since is shown.
            $table->jsonb('areas');
            $table->jsonb('prices')->nullable();
            $table->jsonb('scenes');
            $table->unsignedInteger('revision')->default(1);
            // What stands in the goods that were made of it.
            $table->unsignedInteger('made_revision')->nullable();
            $table->string('kept_as', 80)->nullable();
            $table->string('refusal', 500)->default('');
            $table->timestamps();
            $table->index(['stall_id', 'id']);
            $table->index('supplier_item_id');
            $table->index('made_item_id');
        });
        Schema::create('placing_revisions', function (Blueprint $table): void {
            $table->foreignId('placing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('revision');
            $table->jsonb('laid');
            $table->timestamp('at');
            $table->primary(['placing_id', 'revision']);
            $table->index('stall_id');
        });
        Schema::create('print_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // Of all that it is made from: the same is made once.
            $table->char('made_of', 64);
            $table->string('name', 160);
            $table->string('path', 200);
            $table->string('format', 4);
            $table->char('sha256', 64);
            $table->unsignedBigInteger('bytes');
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            $table->unsignedInteger('dpi');
            $table->timestamp('made_at');
            $table->unique(['stall_id', 'made_of']);
        });
        Schema::table('order_lines', function (Blueprint $table): void {
            // How artwork lay when it was sold.
            $table->unsignedBigInteger('placing_id')->nullable();
            $table->unsignedInteger('placing_revision')->nullable();
        });
        foreach (['artworks', 'placings', 'placing_revisions', 'print_files'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
    }

    public function down(): void
    {
        Schema::table('order_lines', fn (Blueprint $table) => $table->dropColumn(['placing_id', 'placing_revision']));
        foreach (['print_files', 'placing_revisions', 'placings', 'artworks'] as $table) {
            Schema::dropIfExists($table);
        }
        Schema::table('supplier_items', fn (Blueprint $table) => $table->dropColumn('made_from_id'));
    }
};
