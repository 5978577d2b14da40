<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A country that costs were looked at for isn't sold to until somebody says so. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('markets', function (Blueprint $table): void {
            $table->boolean('sold')->default(false);
        });
        // Until now each had its prices.
        DB::update('UPDATE markets SET sold = true');
    }

    public function down(): void
    {
        Schema::table('markets', fn (Blueprint $table) => $table->dropColumn('sold'));
    }
};
