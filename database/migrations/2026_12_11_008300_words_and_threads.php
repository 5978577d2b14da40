<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A seller's own words in letters, pieces of text for answers, mail that didn't arrive, and people who are the same. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('letter_words', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 12);
            $table->char('language', 2);
            $table->string('subject', 200);
            $table->text('words');
            $table->timestamp('said_at');
            $table->primary(['stall_id', 'kind', 'language']);
        });
        Schema::create('text_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('name', 60);
            $table->text('words');
            $table->unique(['stall_id', 'name']);
        });
        Schema::create('people_joined', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // In small letters, both.
            $table->string('email', 190);
            $table->string('person', 190);
            $table->timestamp('joined_at');
            $table->primary(['stall_id', 'email']);
            $table->index(['stall_id', 'person']);
        });
        Schema::table('order_mails', function (Blueprint $table): void {
            $table->timestamp('failed_at')->nullable();
            $table->string('trouble', 300)->default('');
        });
        DB::statement('CREATE INDEX order_mails_failed ON order_mails (stall_id) WHERE failed_at IS NOT NULL');
        DB::statement('CREATE INDEX orders_last_paid ON orders (stall_id, paid_at DESC, id DESC) WHERE paid_at IS NOT NULL');
        // Behind row-level security an index serves only what can't leak: text that is equal does, lower(…) doesn't.
        foreach (['orders', 'letters'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ADD COLUMN whose text GENERATED ALWAYS AS (lower(email)) STORED');
        }
        DB::statement('DROP INDEX orders_whose');
        DB::statement('CREATE INDEX orders_whose ON orders (stall_id, whose)');
        DB::statement('CREATE INDEX letters_whose ON letters (stall_id, whose)');
        foreach (['letter_words', 'text_pieces', 'people_joined'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
    }

    public function down(): void
    {
        foreach (['orders', 'letters'] as $table) {
            DB::statement('ALTER TABLE '.$table.' DROP COLUMN whose');
        }
        DB::statement('CREATE INDEX orders_whose ON orders (stall_id, lower(email)) WHERE paid_at IS NOT NULL');
        DB::statement('DROP INDEX orders_last_paid');
        Schema::table('order_mails', fn (Blueprint $table) => $table->dropColumn(['failed_at', 'trouble']));
        foreach (['people_joined', 'text_pieces', 'letter_words'] as $table) {
            Schema::drop($table);
        }
    }
};
