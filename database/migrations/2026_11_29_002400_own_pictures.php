<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pictures', function (Blueprint $table): void {
            $table->string('cut', 10)->default('square');
            $table->smallInteger('seen_x')->default(50);
            $table->smallInteger('seen_y')->default(50);
            $table->boolean('logo')->default(false);
        });
        DB::table('pictures')->whereNull('listing_id')->update(['cut' => 'whole']);
        Schema::table('windows', function (Blueprint $table): void {
            // What the first version said, as the program wrote it.
            $table->jsonb('sample_words')->default('[]');
        });
    }

    public function down(): void
    {
        Schema::table('windows', function (Blueprint $table): void {
            $table->dropColumn('sample_words');
        });
        Schema::table('pictures', function (Blueprint $table): void {
            $table->dropColumn(['cut', 'seen_x', 'seen_y', 'logo']);
        });
    }
};
