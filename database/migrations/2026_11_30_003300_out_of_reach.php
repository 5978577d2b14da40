<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Of a variant's pieces, those in warehouses from which nothing is sent to the stall's home market can't be sold there.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('supplier_variants', function (Blueprint $table): void {
            $table->unsignedInteger('out_of_reach')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('supplier_variants', fn (Blueprint $table) => $table->dropColumn('out_of_reach'));
    }
};
