<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/**
 * Listings: only the seller's own words stand in own_… columns (null: the field follows).
 * shown_… columns are what core computed last, kept for lists and for the shop; they can be thrown away and made again.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('listings', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_item_id')->constrained()->restrictOnDelete();
            $table->foreignId('agreed_words_id')->constrained('supplier_words')->restrictOnDelete();
            $table->string('state', 12);
            $table->string('slug', 140);
            $table->text('own_title')->nullable();
            $table->text('own_words')->nullable();
            $table->jsonb('own_pictures')->nullable();
            // {"Clr": {"as": "Finish", "values": {"STL-01": "Steel"}}}
            $table->jsonb('own_names')->nullable();
            $table->unsignedInteger('own_factor_bp')->nullable();
            $table->unsignedInteger('own_ending_minor')->nullable();
            $table->string('shown_title', 400)->default('');
            $table->unsignedBigInteger('shown_from_minor')->nullable();
            $table->unsignedInteger('changes_count')->default(0);
            $table->timestamp('shown_since')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'slug']);
            $table->index(['stall_id', 'state', 'id']);
            $table->index('supplier_item_id');
        });
        Schema::create('listing_variants', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('listing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_variant_id')->constrained()->restrictOnDelete();
            $table->string('external_id', 80);
            $table->unsignedInteger('position');
            $table->boolean('own_on')->default(true);
            $table->unsignedBigInteger('own_price_minor')->nullable();
            $table->unsignedBigInteger('shown_price_minor')->nullable();
            $table->bigInteger('shown_keep_minor')->nullable();
            $table->unique(['listing_id', 'supplier_variant_id']);
        });
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('listing_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('source', 600)->nullable();
            $table->string('path', 200)->nullable();
            $table->unsignedInteger('width')->nullable();
            $table->unsignedInteger('height')->nullable();
            $table->string('state', 10);
            $table->text('trouble')->nullable();
            $table->string('alt', 200)->nullable();
            $table->timestamps();
            $table->unique(['listing_id', 'source']);
        });
    }
};
