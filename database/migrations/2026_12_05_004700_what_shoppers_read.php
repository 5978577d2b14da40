<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What shoppers would read is weighed before a listing is shown; what a seller says is meant so stands. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('listings', function (Blueprint $table): void {
            $table->jsonb('own_meant')->default('[]');
            $table->unsignedSmallInteger('wording_lacks')->default(0);
        });
    }

    public function down(): void
    {
        Schema::table('listings', fn (Blueprint $table) => $table->dropColumn(['own_meant', 'wording_lacks']));
    }
};
