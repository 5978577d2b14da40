<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A price that stood may make way for the recipe's where it would fall under its floor, by the seller's rule. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('drift_changes', function (Blueprint $table): void {
            $table->boolean('raised')->default(false);
        });
    }

    public function down(): void
    {
        Schema::table('drift_changes', fn (Blueprint $table) => $table->dropColumn('raised'));
    }
};
