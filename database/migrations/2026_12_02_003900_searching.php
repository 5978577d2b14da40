<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What shoppers search by: the words goods are called by, words that mean the same, and what was looked for. */
return new class extends Migration
{
    private const TABLES = ['shop_words', 'synonyms', 'shop_searches'];

    public function up(): void
    {
        Schema::create('shop_words', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('word', 60);
            $table->primary(['stall_id', 'word']);
        });
        Schema::create('synonyms', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('word', 60);
            $table->string('means', 60);
            $table->timestamps();
            $table->unique(['stall_id', 'word', 'means']);
        });
        Schema::create('shop_searches', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('words', 80);
            $table->unsignedInteger('times');
            // How many goods it found last.
            $table->unsignedInteger('found');
            $table->timestamp('last_at');
            $table->boolean('waved')->default(false);
            $table->unique(['stall_id', 'words']);
            $table->index(['stall_id', 'found', 'times']);
        });
        foreach (self::TABLES as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
    }

    public function down(): void
    {
        foreach (array_reverse(self::TABLES) as $name) {
            Schema::drop($name);
        }
    }
};
