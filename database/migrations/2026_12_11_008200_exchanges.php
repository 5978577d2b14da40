<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A return may be answered with other pieces: an order of its own, paid by what is credited for what comes back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('order_returns', function (Blueprint $table): void {
            // The variant of a listing that its shopper would like instead, by line.
            $table->json('instead')->default('{}');
            $table->foreignId('exchange_id')->nullable()->constrained('orders')->nullOnDelete();
            $table->index('exchange_id');
        });
        Schema::table('orders', function (Blueprint $table): void {
            // Whose payment paid for it.
            $table->foreignId('exchange_of')->nullable()->constrained('orders')->nullOnDelete();
            $table->index('exchange_of');
        });
        Schema::table('refunds', fn (Blueprint $table) => $table->boolean('credited')->default(false));
    }

    public function down(): void
    {
        Schema::table('refunds', fn (Blueprint $table) => $table->dropColumn('credited'));
        Schema::table('orders', fn (Blueprint $table) => $table->dropConstrainedForeignId('exchange_of'));
        Schema::table('order_returns', function (Blueprint $table): void {
            $table->dropConstrainedForeignId('exchange_id');
            $table->dropColumn('instead');
        });
    }
};
