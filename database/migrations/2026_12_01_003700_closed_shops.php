<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** A shop is closed to shoppers until its seller opens it; those there are stay open. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            $table->boolean('open')->default(false);
            // When it was first opened.
            $table->timestamp('opened_at')->nullable();
        });
        DB::update('UPDATE stalls SET open = true, opened_at = created_at');
    }

    public function down(): void
    {
        Schema::table('stalls', function (Blueprint $table): void {
            $table->dropColumn(['open', 'opened_at']);
        });
    }
};
