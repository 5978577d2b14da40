<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An order goes out in a parcel from each warehouse. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::connection('oakum')->table('orders', fn (Blueprint $table) => $table->jsonb('parcels')->default('[]'));
    }

    public function down(): void
    {
        Schema::connection('oakum')->table('orders', fn (Blueprint $table) => $table->dropColumn('parcels'));
    }
};
