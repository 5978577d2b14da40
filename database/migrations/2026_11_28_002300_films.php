<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Films of the stall's own, as they were sent. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('films', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('stall_id')->constrained()->cascadeOnDelete();
            $table->string('path', 120);
            $table->string('name', 120);
            $table->unsignedBigInteger('bytes');
            $table->timestamp('created_at');
            $table->index(['stall_id', 'id']);
        });
        DB::statement('ALTER TABLE films ENABLE ROW LEVEL SECURITY');
        DB::statement('CREATE POLICY one_stall ON films USING (stall_id = (SELECT current_stall()))');
    }
};
