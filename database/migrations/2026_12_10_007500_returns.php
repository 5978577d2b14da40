<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What shoppers ask to send back, what they were answered, and what became of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('order_returns', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->json('pieces');
            $table->string('reason', 12);
            $table->string('words', 1_000)->default('');
            $table->string('picture', 120)->nullable();
            $table->string('state', 12);
            $table->string('to', 400)->default('');
            $table->string('answer', 1_000)->default('');
            $table->foreignId('refund_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('asked_at');
            $table->timestamp('answered_at')->nullable();
            $table->timestamp('settled_at')->nullable();
            $table->index(['stall_id', 'state']);
            $table->index('order_id');
            $table->index('refund_id');
        });
        DB::statement('ALTER TABLE order_returns ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON order_returns USING (stall_id = (SELECT current_stall()))');
        // Where a supplier takes goods back, as the seller said last.
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->string('returns_to', 400)->default(''));
    }

    public function down(): void
    {
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->dropColumn('returns_to'));
        Schema::drop('order_returns');
    }
};
