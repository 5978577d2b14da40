<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Invoices and credit notes, numbered without gaps for each stall and year, with what they said when they were written. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('paper_numbers', function (Blueprint $table): void {
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 8);
            $table->unsignedSmallInteger('year');
            $table->unsignedInteger('last');
            $table->primary(['stall_id', 'kind', 'year']);
        });
        Schema::create('order_papers', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->foreignId('order_id')->constrained()->restrictOnDelete();
            $table->string('kind', 8);
            $table->unsignedSmallInteger('year');
            $table->unsignedInteger('number');
            $table->json('said');
            $table->timestamp('issued_at');
            $table->unique(['stall_id', 'kind', 'year', 'number']);
            // Of each kind an order has one: it is paid once, and given back once.
            $table->unique(['order_id', 'kind']);
        });
        foreach (['paper_numbers', 'order_papers'] as $table) {
            DB::statement('ALTER TABLE '.$table.' ENABLE ROW LEVEL SECURITY');
            DB::statement('CREATE POLICY one_stall ON '.$table.' USING (stall_id = (SELECT current_stall()))');
        }
    }

    public function down(): void
    {
        Schema::drop('order_papers');
        Schema::drop('paper_numbers');
    }
};
