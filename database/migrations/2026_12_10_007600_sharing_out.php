<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a stall has its orders shared out over suppliers, and why each went where it did. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            // {preferences: […], suppliers: [connection, …]}; null: from where it was sold
            $table->json('sharing')->nullable();
        });
        Schema::table('orders', function (Blueprint $table): void {
            $table->json('shared')->nullable();
        });
        // From which warehouse its supplier is asked to send it; null where the supplier chooses.
        Schema::table('order_lines', fn (Blueprint $table) => $table->char('warehouse', 2)->nullable());
        // What one supplier refused may be ordered from it anew.
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->dropUnique(['order_id', 'connection_id']);
            $table->index('order_id');
        });
    }

    public function down(): void
    {
        Schema::table('supplier_orders', function (Blueprint $table): void {
            $table->dropIndex(['order_id']);
            $table->unique(['order_id', 'connection_id']);
        });
        Schema::table('order_lines', fn (Blueprint $table) => $table->dropColumn('warehouse'));
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn('shared'));
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('sharing'));
    }
};
