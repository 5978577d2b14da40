<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What a seller notes of people, by their mail address; and all of somebody's orders found at once. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('people_notes', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('email', 190);
            $table->text('words');
            $table->timestamp('said_at');
            $table->primary(['stall_id', 'email']);
        });
        DB::statement('ALTER TABLE people_notes ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON people_notes USING (stall_id = (SELECT current_stall()))');
        DB::statement('CREATE INDEX orders_whose ON orders (stall_id, lower(email)) WHERE paid_at IS NOT NULL');
    }

    public function down(): void
    {
        DB::statement('DROP INDEX orders_whose');
        Schema::drop('people_notes');
    }
};
