<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Artwork that is words: what they are and how they are set, so that a newer version can begin with them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('artworks', fn (Blueprint $table) => $table->jsonb('lettering')->nullable());
    }

    public function down(): void
    {
        Schema::table('artworks', fn (Blueprint $table) => $table->dropColumn('lettering'));
    }
};
