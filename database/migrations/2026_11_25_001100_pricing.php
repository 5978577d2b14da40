<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Pricing: what every sale costs, recipes, a price list for each market, what was asked when, and trials. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            $table->boolean('tax_on_top')->default(false);
            $table->unsignedInteger('platform_fee_bp')->default(0);
            $table->unsignedInteger('returns_bp')->default(0);
            $table->unsignedBigInteger('advertising_minor')->default(0);
            $table->unsignedBigInteger('handling_minor')->default(0);
            // How far an exchange rate may move before prices that stand on it do.
            $table->unsignedInteger('rate_tolerance_bp')->default(200);
            // Baskets worth this much are sent free.
            $table->unsignedBigInteger('free_over_minor')->nullable();
            $table->unsignedBigInteger('sample_listing_id')->nullable();
        });
        Schema::table('exchange_rates', function (Blueprint $table): void {
            $table->boolean('typed')->default(true);
        });
        Schema::table('markets', function (Blueprint $table): void {
            // How prices there are made: from the home market's by conversion, or from what it costs there.
            $table->string('prices', 12)->default('conversion');
            $table->char('currency', 3)->nullable();
            $table->jsonb('ending')->nullable();
            $table->unsignedInteger('duty_bp')->default(0);
            $table->string('duty_on', 20)->default('goods_and_delivery');
            // Null: as at home.
            $table->unsignedInteger('tax_bp')->nullable();
            $table->boolean('tax_on_top')->default(false);
            $table->unsignedBigInteger('charged_minor')->nullable();
        });
        Schema::create('price_recipes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->unsignedSmallInteger('position');
            $table->jsonb('conditions')->default('{}');
            $table->jsonb('recipe');
            $table->timestamps();
            $table->index(['stall_id', 'position']);
        });
        Schema::table('listings', function (Blueprint $table): void {
            $table->jsonb('own_recipe')->nullable();
            // How its variants' prices go together: {"across": "stepped", "option": "Size", "groups": [["S", "M"]]}.
            $table->jsonb('own_across')->nullable();
            $table->jsonb('own_ladder')->nullable();
        });
        Schema::table('listing_variants', function (Blueprint $table): void {
            $table->jsonb('own_recipe')->nullable();
            $table->unsignedBigInteger('own_was_minor')->nullable();
            // The keeper said so: it is sold under its floor.
            $table->boolean('own_under_floor')->default(false);
        });
        Schema::table('supplier_items', function (Blueprint $table): void {
            // Codes of the ways a blank can be printed.
            $table->jsonb('methods')->nullable();
        });
        Schema::table('supplier_variants', function (Blueprint $table): void {
            $table->unsignedInteger('grams')->default(0);
            $table->unsignedBigInteger('rrp_minor')->nullable();
            // What the chosen method asks for the first piece and for each further one, in the supplier's currency.
            $table->unsignedBigInteger('first_minor')->nullable();
            $table->unsignedBigInteger('further_minor')->nullable();
        });
        // The same in the other markets, for variants that have a listing.
        Schema::create('variant_landings', function (Blueprint $table): void {
            $table->foreignId('supplier_variant_id')->constrained()->cascadeOnDelete();
            $table->char('market', 2);
            $table->unsignedBigInteger('first_minor');
            $table->unsignedBigInteger('further_minor');
            $table->unsignedSmallInteger('days_min');
            $table->unsignedSmallInteger('days_max');
            $table->char('warehouse', 2);
            $table->string('method', 40);
            $table->primary(['supplier_variant_id', 'market']);
        });
        // A price list for each market; made by the program from what is above, never written by hand.
        Schema::create('prices', function (Blueprint $table): void {
            $table->foreignId('listing_variant_id')->constrained()->cascadeOnDelete();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            // As the market shows it, in its currency; all else in the stall's.
            $table->unsignedBigInteger('shown_minor')->nullable();
            $table->unsignedBigInteger('price_minor')->nullable();
            $table->unsignedBigInteger('recipe_minor')->nullable();
            $table->unsignedBigInteger('goods_minor')->nullable();
            $table->unsignedBigInteger('delivery_minor')->nullable();
            $table->unsignedBigInteger('duty_minor')->nullable();
            $table->unsignedBigInteger('handling_minor')->nullable();
            $table->unsignedBigInteger('landed_minor')->nullable();
            $table->bigInteger('keep_minor')->nullable();
            // What is kept above what the floor asks; below nought: under the floor.
            $table->bigInteger('above_floor_minor')->nullable();
            // When this price was first asked.
            $table->timestamp('since', 6)->nullable();
            $table->unsignedBigInteger('recipe_id')->nullable();
            $table->integer('margin_bp')->nullable();
            $table->boolean('floor_over_cap')->default(false);
            $table->char('market', 2);
            $table->char('currency', 3);
            $table->string('priced_by', 10);
            // The exchange rates the price stands on: the supplier's currency into the stall's, and that into the
            // market's.
            $table->string('rate', 24)->nullable();
            $table->string('price_rate', 24)->nullable();
            $table->primary(['listing_variant_id', 'market']);
            $table->index(['stall_id', 'market', 'listing_variant_id']);
        });
        DB::statement('CREATE INDEX prices_under_floor ON prices (stall_id, market) WHERE above_floor_minor < 0');
        // Room on each page, so that a repricing can write rows beside those they replace.
        DB::statement('ALTER TABLE prices SET (fillfactor = 50)');
        // What shoppers were asked, from when; written while a variant is in the window.
        Schema::create('price_history', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('listing_variant_id')->constrained()->cascadeOnDelete();
            $table->char('market', 2);
            $table->unsignedBigInteger('price_minor');
            $table->timestamp('asked_at', 6);
            $table->index(['listing_variant_id', 'market', 'asked_at']);
        });
        Schema::create('pricing_changes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->string('words', 200)->default('');
            $table->jsonb('changes')->default('{}');
            $table->jsonb('before')->nullable();
            $table->jsonb('figures')->nullable();
            $table->timestamp('applied_at', 6)->nullable();
            $table->timestamp('undone_at')->nullable();
            $table->timestamps();
            $table->index(['stall_id', 'id']);
        });
        Schema::table('orders', function (Blueprint $table): void {
            // The terms of the day besides those that stand there already.
            $table->boolean('tax_on_top')->default(false);
            $table->unsignedInteger('platform_bp')->default(0);
            $table->unsignedInteger('returns_bp')->default(0);
            $table->unsignedBigInteger('advertising_minor')->default(0);
            $table->unsignedBigInteger('duty_minor')->default(0);
            $table->unsignedBigInteger('handling_minor')->default(0);
        });
        Schema::table('order_lines', function (Blueprint $table): void {
            // What its pieces cost together, where that isn't so many times one.
            $table->unsignedBigInteger('total_minor')->nullable();
        });
        $this->carryOver();
        Schema::table(
            'stalls',
            fn (Blueprint $table) => $table->dropColumn(['recipe_factor_bp', 'recipe_ending_minor']),
        );
        Schema::table('listings', fn (Blueprint $table) => $table->dropColumn(['own_factor_bp', 'own_ending_minor']));
        Schema::table(
            'listing_variants',
            fn (Blueprint $table) => $table->dropColumn(['shown_price_minor', 'shown_keep_minor']),
        );
    }

    /** What stalls had becomes their first recipe and their home market. */
    private function carryOver(): void
    {
        DB::statement(
            'INSERT INTO markets (stall_id, market, landed_at) SELECT id, home_market, now() FROM stalls ON CONFLICT DO NOTHING',
        );
        // Decimals of a currency aren't known here: parts are right for those with two, and the recipe can be edited.
        $recipe = static fn (
            string $factor,
            string $ending,
        ): string => <<<SQL
            jsonb_build_object(
                'basis', 'landed',
                'steps', jsonb_build_array(jsonb_build_object('factor', trim_scale($factor / 10000.0)::text)),
                'ending', jsonb_build_object(
                    'part', CASE WHEN $ending < 1 THEN '0' ELSE trim_scale($ending / 100.0)::text END,
                    'direction', 'up'
                ),
                'floor', NULL,
                'cap', NULL
            )
            SQL;
        DB::statement(
            'INSERT INTO price_recipes (stall_id, name, position, recipe, created_at, updated_at) '.
                "SELECT id, 'Everything else', 1000, ".
                $recipe('recipe_factor_bp', 'recipe_ending_minor').
                ', now(), now() FROM stalls',
        );
        DB::statement(
            'UPDATE listings SET own_recipe = '.
                $recipe('own_factor_bp', 'own_ending_minor').
                ' WHERE own_factor_bp IS NOT NULL AND own_ending_minor IS NOT NULL',
        );
        DB::statement(<<<'SQL'
            UPDATE supplier_variants AS variant
            SET grams = COALESCE((said->>'grams')::int, 0),
                rrp_minor = (said->>'rrp')::bigint
            FROM supplier_items AS item
            JOIN supplier_words AS words ON words.id = item.words_id,
                 jsonb_array_elements(words.said::jsonb->'variants') AS said
            WHERE variant.supplier_item_id = item.id
              AND variant.external_id = said->>'id'
            SQL);
        // Delivery is asked for again with what each further piece adds.
        DB::statement('DELETE FROM delivery_quotes');
    }
};
