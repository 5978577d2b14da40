<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Whether shoppers may go from the page of one of the goods straight to the checkout. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stalls', fn (Blueprint $table) => $table->boolean('straight_to_checkout')->default(false));
    }

    public function down(): void
    {
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('straight_to_checkout'));
    }
};
