<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Orders that go along in the parcel of an earlier one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::connection('oakum')->table('orders', function (Blueprint $table): void {
            $table->unsignedBigInteger('joins')->nullable()->index();
        });
    }

    public function down(): void
    {
        Schema::connection('oakum')->table('orders', fn (Blueprint $table) => $table->dropColumn('joins'));
    }
};
