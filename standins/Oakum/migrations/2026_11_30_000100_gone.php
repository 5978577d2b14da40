<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Items leave the catalogue, and some come back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::connection('oakum')->table('items', function (Blueprint $table): void {
            $table->boolean('gone')->default(false);
        });
    }

    public function down(): void
    {
        Schema::connection('oakum')->table('items', fn (Blueprint $table) => $table->dropColumn('gone'));
    }
};
