<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Shelves, and one narrow row for each of the goods in the window with all that rules, facets and orders look at.
 * What stands on which shelf is worked out from those rows; what waits to be worked in is noted with what changed it.
 */
return new class extends Migration
{
    private const TABLES = ['goods_facts', 'shelves', 'shelf_places', 'shelf_goods', 'shelf_addresses', 'shelf_waiting'];

    /** Stalls where something has waited for a minute, or where goods come and go by the calendar alone. */
    private const TO_FILL = <<<'SQL'
        CREATE OR REPLACE FUNCTION shelves_to_fill(before timestamp, turned timestamp, most int)
        RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, stall_id
            FROM (
                SELECT stall_id FROM shelf_waiting WHERE since < before
                UNION
                SELECT stall_id FROM shelves WHERE moves AND filled_at < turned
                UNION
                SELECT stall_id FROM shelves WHERE filled_at IS NULL AND updated_at < before
            ) AS waiting
            ORDER BY stall_id
            LIMIT most
        $body$
        SQL;

    public function up(): void
    {
        DB::statement(<<<'SQL'
            CREATE TABLE goods_facts (
                listing_id bigint PRIMARY KEY REFERENCES listings ON DELETE CASCADE,
                stall_id bigint NOT NULL REFERENCES stalls ON DELETE CASCADE,
                title text NOT NULL,
                type text NOT NULL,
                type_low text NOT NULL,
                tags text[] NOT NULL,
                tags_low text[] NOT NULL,
                suppliers bigint[] NOT NULL,
                price_minor bigint,
                price_to_minor bigint,
                keep_minor bigint,
                margin_bp int,
                stock bigint NOT NULL,
                buyable boolean NOT NULL,
                shown_since timestamp,
                sold_at timestamp,
                sold_pieces int NOT NULL DEFAULT 0,
                options text[] NOT NULL,
                options_low text[] NOT NULL,
                choices text[] NOT NULL DEFAULT '{}',
                printed boolean NOT NULL,
                posted_from text[] NOT NULL,
                days_min int,
                days_max int,
                was boolean NOT NULL,
                search tsvector NOT NULL
            )
            SQL);
        DB::statement('CREATE INDEX goods_facts_stall ON goods_facts (stall_id, listing_id)');
        Schema::create('shelves', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->string('slug', 80);
            $table->boolean('ruled');
            $table->jsonb('rule')->nullable();
            // Whether its rule looks at the calendar.
            $table->boolean('moves')->default(false);
            $table->string('standing', 12);
            $table->text('words')->default('');
            $table->string('search_title', 200)->nullable();
            $table->string('search_words', 400)->nullable();
            // The one of its goods whose picture is its cover; null takes the first.
            $table->foreignId('cover_id')->nullable()->index()->constrained('listings')->nullOnDelete();
            $table->unsignedInteger('version')->default(0);
            $table->timestamp('filled_at')->nullable();
            $table->timestamps();
            $table->unique(['stall_id', 'slug']);
        });
        Schema::create('shelf_places', function (Blueprint $table): void {
            $table->foreignId('shelf_id')->constrained('shelves')->cascadeOnDelete();
            $table->foreignId('listing_id')->constrained()->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // pin: at the top; in: by hand; at: by the rule, but put here; out: never
            $table->string('kind', 4);
            $table->unsignedInteger('position')->default(0);
            $table->primary(['shelf_id', 'listing_id']);
            $table->index('listing_id');
            $table->index('stall_id');
        });
        Schema::create('shelf_goods', function (Blueprint $table): void {
            $table->foreignId('shelf_id')->constrained('shelves')->cascadeOnDelete();
            // Thousands come and go at once, only by what goods_facts holds; to ask after each would double the work.
            $table->unsignedBigInteger('listing_id');
            $table->unsignedBigInteger('stall_id');
            $table->primary(['shelf_id', 'listing_id']);
            $table->index(['stall_id', 'listing_id']);
        });
        Schema::create('shelf_addresses', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('slug', 80);
            $table->foreignId('shelf_id')->index()->constrained('shelves')->cascadeOnDelete();
            $table->timestamp('left_at');
            $table->primary(['stall_id', 'slug']);
        });
        Schema::create('shelf_waiting', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->index()->constrained()->cascadeOnDelete();
            // Null where any of the stall's may have changed.
            $table->unsignedBigInteger('listing_id')->nullable();
            $table->timestamp('since');
        });
        foreach (self::TABLES as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
        DB::statement(self::TO_FILL);
        DB::statement(<<<'SQL'
            INSERT INTO shelf_waiting (stall_id, listing_id, since)
            SELECT id, NULL, now() - interval '1 hour'
            FROM stalls
            SQL);
    }

    public function down(): void
    {
        DB::statement('DROP FUNCTION shelves_to_fill(timestamp, timestamp, int)');
        foreach (array_reverse(self::TABLES) as $name) {
            Schema::drop($name);
        }
    }
};
