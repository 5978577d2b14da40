<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A listing counts what the seller said of it, so that somebody who saved over words they never saw is told. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('listings', fn (Blueprint $table) => $table->unsignedBigInteger('version')->default(1));
    }
};
