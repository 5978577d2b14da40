<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A basket can be taken along: an address brings its goods into another browser. It doesn't tell the basket's own number. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('baskets', fn (Blueprint $table) => $table->string('link', 32)->nullable()->unique());
    }

    public function down(): void
    {
        Schema::table('baskets', fn (Blueprint $table) => $table->dropColumn('link'));
    }
};
