<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/**
 * Which pages of a shop went stale is written with what changed it, and how far its pages are turned stands apart from
 * the stall's settings, as does its next order number: neither waits for whoever changes those.
 */
return new class extends Migration
{
    private const TABLES = ['shop_state', 'stale_pages', 'page_turns', 'order_numbers'];

    private const TELL = <<<'SQL'
        CREATE FUNCTION tell_of_pages() RETURNS trigger LANGUAGE plpgsql AS $body$
        BEGIN
            PERFORM pg_notify(TG_TABLE_NAME, NEW.stall_id::text);
            RETURN NULL;
        END
        $body$
        SQL;

    private const TO_TURN = <<<'SQL'
        CREATE FUNCTION shops_to_turn(most int) RETURNS TABLE (stall bigint, number bigint)
        LANGUAGE sql STABLE SECURITY DEFINER SET search_path = public, pg_temp AS $body$
            SELECT stall_id, stall_id
            FROM stale_pages
            GROUP BY stall_id
            ORDER BY min(id)
            LIMIT most
        $body$
        SQL;

    private const KEEP = <<<'SQL'
        INSERT INTO %s (stall_id, %s)
        SELECT id, %s FROM stalls
        SQL;

    public function up(): void
    {
        Schema::create('shop_state', function (Blueprint $table): void {
            $table->foreignId('stall_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedBigInteger('revision')->default(1);
            $table->unsignedBigInteger('generation')->default(1);
            $table->string('frame', 32)->nullable();
        });
        Schema::create('order_numbers', function (Blueprint $table): void {
            $table->foreignId('stall_id')->primary()->constrained()->cascadeOnDelete();
            $table->unsignedInteger('next')->default(1001);
        });
        // These two come and go within the hour. A reference to stalls would wait for whoever has a stall's row.
        Schema::create('stale_pages', function (Blueprint $table): void {
            $table->id();
            $table->unsignedBigInteger('stall_id')->index();
        });
        DB::statement('ALTER TABLE stale_pages ADD COLUMN keys text[] NOT NULL');
        Schema::create('page_turns', function (Blueprint $table): void {
            $table->unsignedBigInteger('stall_id');
            $table->unsignedBigInteger('revision');
            $table->unsignedBigInteger('generation');
            $table->timestamp('turned_at')->useCurrent();
            $table->primary(['stall_id', 'revision']);
        });
        DB::statement('ALTER TABLE page_turns ADD COLUMN keys text[] NOT NULL');
        foreach (self::TABLES as $name) {
            DB::statement("ALTER TABLE $name ENABLE ROW LEVEL SECURITY");
            DB::statement("CREATE POLICY one_stall ON $name USING (stall_id = (SELECT current_stall()))");
        }
        DB::statement(self::TELL);
        foreach (['stale_pages', 'page_turns'] as $name) {
            DB::statement("CREATE TRIGGER told AFTER INSERT ON $name FOR EACH ROW EXECUTE FUNCTION tell_of_pages()");
        }
        DB::statement(self::TO_TURN);
        // No page that was kept before is taken over: their folders are named by revisions, which are higher.
        DB::statement(sprintf(self::KEEP, 'shop_state', 'revision, generation', 'shop_revision + 1, shop_revision + 1'));
        DB::statement(sprintf(self::KEEP, 'order_numbers', 'next', 'next_order_number'));
        DB::statement('ALTER TABLE stalls DROP COLUMN shop_revision, DROP COLUMN next_order_number');
    }

    public function down(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            $table->unsignedBigInteger('shop_revision')->default(1);
            $table->unsignedInteger('next_order_number')->default(1001);
        });
        DB::statement('UPDATE stalls SET shop_revision = s.generation FROM shop_state s WHERE s.stall_id = stalls.id');
        DB::statement('UPDATE stalls SET next_order_number = n.next FROM order_numbers n WHERE n.stall_id = stalls.id');
        DB::statement('DROP FUNCTION shops_to_turn(int)');
        foreach (self::TABLES as $name) {
            Schema::drop($name);
        }
        DB::statement('DROP FUNCTION tell_of_pages()');
    }
};
