<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Findings of the phone audit that were waved away; they stay away. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('windows', fn (Blueprint $table) => $table->jsonb('waved')->default('[]'));
    }
};
