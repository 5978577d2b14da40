<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A few pieces of a supplier's count are kept back, so that nothing is sold that has gone meanwhile. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('supplier_connections', function (Blueprint $table): void {
            $table->unsignedSmallInteger('kept_back')->default(0);
        });
        Schema::table('listings', function (Blueprint $table): void {
            // Null: as the supplier's.
            $table->unsignedSmallInteger('own_kept_back')->nullable();
        });
        Schema::table('supplier_variants', function (Blueprint $table): void {
            // What counts for it, of the two.
            $table->unsignedSmallInteger('kept_back')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('supplier_variants', fn (Blueprint $table) => $table->dropColumn('kept_back'));
        Schema::table('listings', fn (Blueprint $table) => $table->dropColumn('own_kept_back'));
        Schema::table('supplier_connections', fn (Blueprint $table) => $table->dropColumn('kept_back'));
    }
};
