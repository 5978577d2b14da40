<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a shopper last saw of what lies in their basket, so that they are told what changed since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('basket_lines', function (Blueprint $table): void {
            $table->bigInteger('seen_minor')->nullable();
            $table->string('seen_days', 40)->nullable();
        });
    }

    public function down(): void
    {
        Schema::table('basket_lines', function (Blueprint $table): void {
            $table->dropColumn(['seen_minor', 'seen_days']);
        });
    }
};
