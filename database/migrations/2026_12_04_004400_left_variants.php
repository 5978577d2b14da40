<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * A variant that is taken off its listing stands in none, and isn't gone: orders, what shoppers were asked and what was
 * said of it go on naming it, and when the step is taken back all of that is as it was.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('listing_variants', function (Blueprint $table): void {
            $table->unsignedBigInteger('listing_id')->nullable()->change();
            $table->foreignId('left_listing_id')->nullable()->constrained('listings')->cascadeOnDelete();
        });
        Schema::table('listing_variants', function (Blueprint $table): void {
            $table->index(['left_listing_id', 'supplier_variant_id']);
        });
    }
};
