<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Codes and offers at the till, what they took off which orders, and codes for one use each. */
return new class extends Migration
{
    private const TABLES = ['codes', 'single_codes', 'order_codes'];

    public function up(): void
    {
        Schema::create('codes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // In capitals, without spaces; null where it counts by itself, or is one of many for one use each.
            $table->string('code', 40)->nullable();
            $table->boolean('singles')->default(false);
            $table->jsonb('reduction');
            $table->jsonb('holds');
            $table->jsonb('countries')->default('[]');
            $table->timestamp('starts_at')->nullable();
            $table->timestamp('ends_at')->nullable();
            $table->unsignedInteger('most_uses')->nullable();
            $table->unsignedInteger('most_each')->nullable();
            $table->unsignedBigInteger('least_minor')->nullable();
            $table->boolean('first_only')->default(false);
            $table->boolean('together')->default(true);
            $table->boolean('under_floor')->default(false);
            $table->timestamps();
            $table->unique(['stall_id', 'code']);
        });
        Schema::create('single_codes', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('code', 40);
            $table->foreignId('code_id')->constrained()->cascadeOnDelete();
            $table->primary(['stall_id', 'code']);
            $table->index('code_id');
        });
        Schema::create('order_codes', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->cascadeOnDelete();
            $table->foreignId('code_id')->nullable()->constrained()->nullOnDelete();
            // As it was typed; "" where it counted by itself.
            $table->string('code', 40);
            $table->unsignedBigInteger('off_minor');
            $table->unique(['order_id', 'code_id']);
            $table->index('code_id');
            $table->index('stall_id');
        });
        foreach (self::TABLES as $table) {
            DB::statement("ALTER TABLE $table ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $table USING (stall_id = (SELECT current_stall()))");
        }
        // Whether somebody has bought before is looked for by their address.
        DB::statement('CREATE INDEX orders_of_customer ON orders (stall_id, lower(email))');
        Schema::table('baskets', fn (Blueprint $table) => $table->jsonb('codes')->default('[]'));
        Schema::table('orders', fn (Blueprint $table) => $table->unsignedBigInteger('discount_minor')->default(0));
        Schema::table('order_lines', fn (Blueprint $table) => $table->unsignedBigInteger('discount_minor')->default(0));
    }

    public function down(): void
    {
        Schema::table('order_lines', fn (Blueprint $table) => $table->dropColumn('discount_minor'));
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn('discount_minor'));
        Schema::table('baskets', fn (Blueprint $table) => $table->dropColumn('codes'));
        DB::statement('DROP INDEX orders_of_customer');
        foreach (array_reverse(self::TABLES) as $table) {
            Schema::drop($table);
        }
    }
};
