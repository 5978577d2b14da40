<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What shoppers write to a stall on its page, with what is answered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('letters', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->nullable()->constrained()->nullOnDelete();
            $table->string('name', 120);
            $table->string('email', 200);
            // The same words from the same person at once are one letter.
            $table->string('hash', 32);
            $table->boolean('open')->default(true);
            $table->timestamp('last_at');
            $table->timestamps();
            $table->index(['stall_id', 'open', 'last_at']);
            $table->index(['stall_id', 'hash']);
            $table->index('order_id');
        });
        Schema::create('letter_lines', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->index()->constrained()->cascadeOnDelete();
            $table->foreignId('letter_id')->constrained()->cascadeOnDelete();
            // Null: the shopper.
            $table->foreignId('user_id')->nullable()->index()->constrained()->nullOnDelete();
            $table->boolean('ours');
            $table->text('words');
            $table->timestamp('said_at');
            $table->index('letter_id');
        });
        foreach (['letters', 'letter_lines'] as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
    }

    public function down(): void
    {
        Schema::drop('letter_lines');
        Schema::drop('letters');
    }
};
