<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Languages that shops speak: which in which market, and the seller's words in them. Orders and letters keep the language
 * they were written in, and what stood in the way of a payment is kept as a fact, not as a sentence.
 */
return new class extends Migration
{
    private const OWN = ['market_languages', 'phrases'];

    public function up(): void
    {
        Schema::table('stalls', fn (Blueprint $table) => $table->string('language', 2)->default('en'));
        Schema::create('market_languages', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->char('market', 2);
            $table->string('language', 2);
            // The first is the one its pages have where nobody asks for another.
            $table->unsignedSmallInteger('position');
            $table->primary(['stall_id', 'market', 'language']);
        });
        Schema::create('phrases', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('language', 2);
            $table->text('phrase');
            $table->char('hash', 32)->storedAs('md5(phrase)');
            $table->text('said');
            // Made by the writing help, and looked at by nobody yet.
            $table->boolean('drafted')->default(false);
            $table->timestamp('said_at');
            $table->primary(['stall_id', 'language', 'hash']);
        });
        // Words that are looked for in a shop are looked for in what it says in that language.
        DB::statement(<<<'SQL'
            ALTER TABLE phrases ADD search tsvector NOT NULL GENERATED ALWAYS AS (
                CASE language
                    WHEN 'de' THEN to_tsvector('german', said)
                    WHEN 'fr' THEN to_tsvector('french', said)
                    WHEN 'nl' THEN to_tsvector('dutch', said)
                    WHEN 'es' THEN to_tsvector('spanish', said)
                    WHEN 'en' THEN to_tsvector('english', said)
                    ELSE to_tsvector('simple', said)
                END || to_tsvector('simple', said)
            ) STORED
            SQL);
        DB::statement('CREATE INDEX phrases_search ON phrases USING gin (search)');
        foreach (self::OWN as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
        Schema::table('orders', function (Blueprint $table): void {
            $table->string('language', 2)->default('en');
            $table->string('payment_trouble_name')->nullable();
        });
        // Sentences that are there already are those of payments long over, or of a moment that is.
        DB::statement(<<<'SQL'
            UPDATE orders
            SET payment_trouble = CASE state WHEN 'sold_out' THEN 'sold_out' WHEN 'refunding' THEN 'refund_waits' END,
                payment_trouble_name = CASE state
                    WHEN 'sold_out' THEN regexp_replace(payment_trouble, ' sold out while you were paying.*$', '')
                END
            WHERE payment_trouble IS NOT NULL
            SQL);
        Schema::table('letters', fn (Blueprint $table) => $table->string('language', 2)->default('en'));
        Schema::table('policy_versions', fn (Blueprint $table) => $table->jsonb('words_there')->default('{}'));
    }

    public function down(): void
    {
        Schema::table('policy_versions', fn (Blueprint $table) => $table->dropColumn('words_there'));
        Schema::table('letters', fn (Blueprint $table) => $table->dropColumn('language'));
        Schema::table('orders', fn (Blueprint $table) => $table->dropColumn(['language', 'payment_trouble_name']));
        foreach (self::OWN as $table) {
            Schema::drop($table);
        }
        Schema::table('stalls', fn (Blueprint $table) => $table->dropColumn('language'));
    }
};
