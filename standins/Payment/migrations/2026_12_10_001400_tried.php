<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How many cards were tried before one paid. */
return new class extends Migration
{
    protected $connection = 'payment';

    public function up(): void
    {
        Schema::connection('payment')->table('payments', fn (Blueprint $table) => $table->unsignedSmallInteger('declined')->default(0));
    }

    public function down(): void
    {
        Schema::connection('payment')->table('payments', fn (Blueprint $table) => $table->dropColumn('declined'));
    }
};
