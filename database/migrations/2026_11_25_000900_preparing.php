<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Preparing: order on the bench, options dropped, items split and joined, second sources, pictures cropped, drafts, and
 * undo.
 */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('listings', function (Blueprint $table): void {
            $table->string('own_type', 60)->nullable();
            $table->jsonb('own_tags')->default('[]');
            $table->string('own_maker', 80)->nullable();
            $table->text('own_notes')->nullable();
            $table->string('own_search_title', 120)->nullable();
            $table->string('own_search_words', 320)->nullable();
            // Options no shopper sees, such as the country goods are posted from; and the order of the others.
            $table->jsonb('own_dropped')->default('[]');
            $table->jsonb('own_option_order')->default('[]');
            // {"option": "Style", "values": ["Trowel"]}: which part of its item this listing is, when the item was
            // split.
            $table->jsonb('own_part')->nullable();
            // Fields that hold a draft nobody has accepted yet.
            $table->jsonb('drafts')->default('[]');
            $table->softDeletes();
        });
        DB::statement('CREATE INDEX listings_tags ON listings USING gin (own_tags)');
        Schema::table('listing_variants', function (Blueprint $table): void {
            // Options the seller gives it, such as the kind of thing in a listing joined from several items.
            $table->jsonb('own_options')->nullable();
            // Which of its sources sells now; null: its own supplier variant.
            $table->foreignId('sold_variant_id')->nullable()->constrained('supplier_variants')->nullOnDelete();
        });
        Schema::create('variant_sources', function (Blueprint $table): void {
            $table->foreignId('listing_variant_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_variant_id')->constrained()->cascadeOnDelete();
            $table->unsignedSmallInteger('position');
            $table->boolean('use')->default(true);
            $table->primary(['listing_variant_id', 'supplier_variant_id']);
            $table->index('supplier_variant_id');
        });
        // Further items of a listing that was joined from several; the first is in listings itself.
        Schema::create('listing_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('listing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('supplier_item_id')->constrained()->restrictOnDelete();
            $table->foreignId('agreed_words_id')->constrained('supplier_words')->restrictOnDelete();
            $table->unique(['listing_id', 'supplier_item_id']);
        });
        Schema::table('pictures', function (Blueprint $table): void {
            // What has to stay in view, in hundredths from the left and the top, and how far it is drawn near (100:
            // whole).
            $table->unsignedSmallInteger('focal_x')->default(50);
            $table->unsignedSmallInteger('focal_y')->default(50);
            $table->unsignedSmallInteger('zoom')->default(100);
            // The original, from which the sizes can be made again.
            $table->string('original', 240)->nullable();
            // A perceptual hash and the mean colour, by which the same picture is known again.
            $table->char('alike', 22)->nullable();
            $table->string('shows', 120)->nullable();
        });
        Schema::create('bench_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('words', 200);
            $table->jsonb('before');
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
            $table->index(['stall_id', 'id']);
        });
    }
};
