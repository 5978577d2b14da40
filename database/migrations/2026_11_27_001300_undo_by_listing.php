<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * A step on the bench keeps how each listing stood in a row of its own, so that it can be taken back whole or listing
 * by listing.
 */
return new class extends Migration
{
    private const CARRY_OVER = <<<'SQL'
        INSERT INTO bench_change_parts (change_id, stall_id, listing_id, before, undone_at)
        SELECT step.id, step.stall_id, (listing->>'id')::bigint,
            jsonb_build_object(
                'listing', (
                    -- Columns of JSON stood there as text.
                    SELECT jsonb_object_agg(key, CASE WHEN key = ANY (:columns) AND jsonb_typeof(value) = 'string' THEN (value #>> '{}')::jsonb ELSE value END)
                    FROM jsonb_each(listing)
                ),
                'variants', (
                    SELECT coalesce(jsonb_agg((
                        SELECT jsonb_object_agg(key, CASE WHEN key LIKE 'own\_%' AND jsonb_typeof(value) = 'string' THEN (value #>> '{}')::jsonb ELSE value END)
                        FROM jsonb_each(variant)
                    )), '[]')
                    FROM jsonb_array_elements(step.before->'variants') variant
                    WHERE variant->>'listing_id' = listing->>'id'
                ),
                'sources', (
                    SELECT coalesce(jsonb_agg(source), '[]')
                    FROM jsonb_array_elements(step.before->'sources') source
                    JOIN jsonb_array_elements(step.before->'variants') variant ON variant->>'id' = source->>'listing_variant_id'
                    WHERE variant->>'listing_id' = listing->>'id'
                ),
                'items', (
                    SELECT coalesce(jsonb_agg(item), '[]')
                    FROM jsonb_array_elements(step.before->'items') item
                    WHERE item->>'listing_id' = listing->>'id'
                )
            ),
            step.undone_at
        FROM bench_changes step, jsonb_array_elements(step.before->'listings') listing
        SQL;

    private const CREATED = <<<'SQL'
        INSERT INTO bench_change_parts (change_id, stall_id, listing_id, undone_at)
        SELECT step.id, step.stall_id, listing::bigint, step.undone_at
        FROM bench_changes step, jsonb_array_elements_text(step.before->'created') listing
        ON CONFLICT DO NOTHING
        SQL;

    private const JSON = 'own_pictures,own_names,own_recipe,own_across,own_ladder,own_tags,own_dropped,own_option_order,own_part,drafts';

    public function up(): void
    {
        Schema::create('bench_change_parts', function (Blueprint $table): void {
            $table->foreignId('change_id')->constrained('bench_changes')->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // Not a foreign key: what a step deleted for good may be gone.
            $table->unsignedBigInteger('listing_id');
            // {"listing": {…}, "variants": […], "sources": […], "items": […]}; null for a listing that the step made.
            $table->jsonb('before')->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->primary(['change_id', 'listing_id']);
            $table->index(['stall_id', 'listing_id', 'change_id']);
        });
        DB::statement(str_replace(':columns', "'{".self::JSON."}'::text[]", self::CARRY_OVER));
        DB::statement(self::CREATED);
        Schema::table('bench_changes', function (Blueprint $table): void {
            $table->dropColumn('before');
            // Whether each listing can be taken back by itself: nothing went from one to another.
            $table->boolean('apart')->default(false);
        });
    }
};
